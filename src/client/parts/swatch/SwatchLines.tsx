import { Copy, Plus, Trash2 } from 'lucide-react';
import { useId, useState, type KeyboardEvent } from 'react';
import type { Ask, Field, Length } from '../../api/types';
import { takeDraft, writeDraft } from '../../app/drafts';
import { StitchStrip } from '../../drawing/StitchStrip';
import { pictureOf, StitchFace, StitchShelf, useStitches } from '../book/StitchShelf';
import { Measure } from '../Measure';
import { IntoTheBook } from './IntoTheBook';

type Props = {
  swatch: string;
  field: Field;
  /** The machine it was sewn on, by its id in the drawer. */
  machine?: string;
  lines: Ask[];
  errors: Record<string, string[]>;
  keep: (lines: Ask[]) => Promise<boolean>;
  /** What each line came to, in their order. */
  says?: LineSays[];
};

export type LineSays = { repeat?: Length; wide?: Length; lengthFactor?: number; widthFactor?: number };

/** The stitches of one scrap, a line each: how it was set, what ten repeats and its width measured. Number, enter, number, enter. */
export function SwatchLines({ swatch, field, machine, lines, errors, keep, says }: Props) {
  const inner = field.fields ?? [];
  const book = useStitches();
  const draft = `${swatch}.${field.name}`;
  const [typed, setTyped] = useState<Ask[] | null>(() => takeDraft<{ rows: Ask[] }>(draft).rows ?? null);
  const [isOpen, setOpen] = useState(false);
  const shown = typed ?? lines;
  const type = (next: Ask[]) => {
    setTyped(next);
    writeDraft(draft, { rows: next });
  };
  const leave = async (next: Ask[] | null) => {
    if (!next || !(await keep(next))) return;
    // What was typed meanwhile stays until it is kept itself.
    setTyped((now) => {
      if (now !== next) return now;
      writeDraft(draft, {});
      return null;
    });
  };
  const at = (i: number, name: string, to: unknown) =>
    type(shown.map((row, r) => (r === i ? said({ ...row, [name]: to === '' ? undefined : to }, book) : row)));
  const put = (next: Ask[]) => {
    type(next);
    void leave(next);
  };
  const onward = (e: KeyboardEvent<HTMLElement>) => {
    if (e.key !== 'Enter' || !(e.target instanceof HTMLInputElement)) return;
    e.preventDefault();
    void leave(typed);
    const entries = [...e.currentTarget.querySelectorAll<HTMLInputElement>('input[data-read]')];
    entries[entries.indexOf(e.target) + 1]?.focus();
  };
  const wrong = Object.entries(errors).find(([path]) => path.startsWith(`features.${field.name}`))?.[1];
  return (
    // It only watches where Enter leads within it.
    // eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions
    <fieldset className="grid gap-2" onKeyDown={onward}>
      <legend className="label">{field.label}</legend>
      {shown.map((row, i) => (
        <div
          key={i}
          className="stitch-line"
          role="group"
          aria-label={`Line ${i + 1}: ${String(row.name ?? 'a stitch')}`}
        >
          <span className="flex items-center gap-2">
            <Picture name={String(row.name ?? '')} />
            <b className="min-w-0 flex-1 leading-tight">{String(row.name ?? 'a stitch')}</b>
            <button
              type="button"
              className="grid size-11 place-items-center rounded-lg"
              aria-label={`Add again ${over(row) ? 'without' : 'with'} stabiliser`}
              title={`Add again ${over(row) ? 'without' : 'with'} stabiliser`}
              onClick={() =>
                put([
                  ...shown.slice(0, i + 1),
                  {
                    ...row,
                    ten: undefined,
                    wide: undefined,
                    tunnelled: undefined,
                    under: over(row) ? 'nothing' : 'tear-away',
                    changed: over(row) ? 'no stabiliser' : 'with stabiliser',
                  },
                  ...shown.slice(i + 1),
                ])
              }
            >
              <Copy size={17} aria-hidden />
            </button>
            <button
              type="button"
              className="grid size-11 place-items-center rounded-lg"
              aria-label={`Take line ${i + 1} out`}
              onClick={() => put(shown.filter((_, r) => r !== i))}
            >
              <Trash2 size={17} aria-hidden />
            </button>
          </span>
          <span className="flex flex-wrap gap-x-2 gap-y-1">
            {inner
              .filter((f) => f.kind === 'fine' && f.name !== 'said')
              .map((f) => (
                <Entry
                  key={f.name}
                  field={f}
                  value={row[f.name]}
                  reads={f.name === 'ten' || f.name === 'wide'}
                  type={(text) => at(i, f.name, text)}
                  leave={() => void leave(typed)}
                />
              ))}
            <label className="field w-36">
              Changed
              <input
                className="entry"
                value={String(row.changed ?? '')}
                maxLength={120}
                placeholder="nothing"
                onChange={(e) => at(i, 'changed', e.target.value)}
                onBlur={() => void leave(typed)}
              />
            </label>
          </span>
          <span className="flex flex-wrap gap-x-4">
            {inner
              .filter((f) => f.kind === 'choice')
              .map((f) => (
                <label key={f.name} className="flex min-h-11 items-center gap-2 text-[0.92rem]">
                  {f.label}
                  <select
                    className="entry !w-auto"
                    value={String(row[f.name] ?? f.start ?? '')}
                    onChange={(e) =>
                      put(shown.map((r, n) => (n === i ? { ...r, [f.name]: e.target.value } : r)))
                    }
                  >
                    {f.choices?.map((c) => (
                      <option key={c.name} value={c.name}>
                        {c.label}
                      </option>
                    ))}
                  </select>
                </label>
              ))}
            {inner
              .filter((f) => f.kind === 'flag')
              .map((f) => (
                <label key={f.name} className="flex min-h-11 items-center gap-2 text-[0.92rem]">
                  <input
                    type="checkbox"
                    className="size-5"
                    checked={row[f.name] === true}
                    onChange={(e) =>
                      put(shown.map((r, n) => (n === i ? { ...r, [f.name]: e.target.checked } : r)))
                    }
                  />
                  {f.label}
                </label>
              ))}
          </span>
          {says?.[i]?.repeat && (
            <p className="text-[0.92rem]">
              One repeat is{' '}
              <b>
                <Measure text={says[i].repeat.text} />
              </b>
              {row.said !== undefined && Math.abs((says[i].lengthFactor ?? 1) - 1) >= 0.005 && (
                <>
                  , in the library <Measure text={mmOf(row.said)} />
                </>
              )}
              .
            </p>
          )}
          {says?.[i] && <IntoTheBook line={row} says={says[i]} machine={machine} />}
        </div>
      ))}
      {wrong && <p className="wrong">{wrong.join(' ')}</p>}
      <button
        type="button"
        className="btn quiet justify-self-start"
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
      >
        <Plus size={16} aria-hidden /> Add a stitch
      </button>
      {isOpen && (
        <div className="grid gap-2">
          <StitchShelf
            tile={(t) => (
              <button
                type="button"
                className="stitch-tile"
                onClick={() => {
                  const of = t.properties as Ask;
                  put([
                    ...shown,
                    {
                      name: t.name,
                      length: of.length,
                      width: of.width,
                      said: repeatOf(t),
                      under: 'tear-away',
                    },
                  ]);
                  setOpen(false);
                }}
              >
                <StitchFace stitch={t} />
              </button>
            )}
          />
          <button
            type="button"
            className="btn bare justify-self-start"
            onClick={() => {
              put([...shown, { name: 'a stitch', under: 'tear-away' }]);
              setOpen(false);
            }}
          >
            One that is not in the book
          </button>
        </div>
      )}
    </fieldset>
  );
}

function Picture({ name }: { name: string }) {
  const stitch = useStitches().find((t) => t.name === name);
  const picture = stitch && pictureOf(stitch);
  return picture ? <StitchStrip drawing={picture} width={74} height={30} /> : null;
}

function Entry({
  field,
  value,
  reads,
  type,
  leave,
}: {
  field: Field;
  value: unknown;
  /** Whether it is measured on the scrap; else it was set. */
  reads: boolean;
  type: (text: string) => void;
  leave: () => void;
}) {
  const id = useId();
  return (
    <label className="field w-24" htmlFor={id}>
      {field.label}
      <input
        id={id}
        className="entry"
        autoComplete="off"
        inputMode="decimal"
        data-read={reads || undefined}
        value={
          value === undefined || value === null ? '' : typeof value === 'number' ? mmOf(value) : String(value)
        }
        placeholder="mm"
        onChange={(e) => type(e.target.value)}
        onBlur={leave}
      />
    </label>
  );
}

/** Whether anything lay under it. */
const over = (row: Ask) => row.under !== undefined && row.under !== 'nothing';

const mmOf = (value: unknown) =>
  typeof value === 'number' ? `${Math.round(value * 100) / 100} mm` : String(value);

type Stitch = ReturnType<typeof useStitches>[number];

/** One repeat as the book has it at the usual length. */
const repeatOf = (stitch: Stitch) => stitch.understood.repeat?.mm;

/** What the book says of a repeat at the length that was set: as much longer as the dial stands higher. */
function said(row: Ask, book: Stitch[]): Ask {
  const stitch = book.find((t) => t.name === row.name);
  const [repeat, usual] = [stitch?.understood.repeat?.mm, stitch?.understood.length?.mm];
  const set = Number.parseFloat(String(row.length ?? '').replace(',', '.'));
  if (!repeat || !usual || !Number.isFinite(set)) return row;
  return { ...row, said: (repeat * set) / usual };
}
