import { ArrowLeft, Plus, X } from 'lucide-react';
import { Legend, useAbout } from '../about';
import { useState, useId } from 'react';
import type { Ask, Field, Units } from '../../api/types';
import type { Thing } from '../../app/drawer';
import { startOf } from '../../app/useTechnique';
import { StitchStrip } from '../../drawing/StitchStrip';
import { isAsked } from './asked';
import { GroupField } from './GroupField';
import { pictureOf, StitchFace, StitchShelf, useStitches } from '../book/StitchShelf';

type Props = {
  field: Field;
  value: Ask[];
  set: (rows: Ask[]) => void;
  /** What is wrong, by path, such as `pattern[0].repeatLength`. */
  errors: Record<string, string>;
  units: Units;
};

/** Stitches in turn, picked from the book by their look; each can be typed over, moved and taken away. */
export function PickStitches({ field, value, set, errors, units }: Props) {
  const inner = field.fields ?? [];
  const book = useStitches();
  const [isOpen, setOpen] = useState(false);
  const [chosen, setChosen] = useState(-1);
  const wrongIn = (row: number) =>
    Object.entries(errors).find(([path]) => path.startsWith(`${field.name}[${row}].`))?.[1];
  const put = (row: number, name: string, typed: unknown) =>
    set(value.map((r, i) => (i === row ? { ...r, [name]: typed === '' ? undefined : typed } : r)));
  const earlier = (row: number) => {
    set(value.map((r, i) => (i === row - 1 ? value[row]! : i === row ? value[row - 1]! : r)));
    setChosen(row - 1);
  };
  const id = useId();
  const is = useAbout(id, field.label, field.says);
  return (
    <fieldset
      className="field min-w-0 basis-full"
      aria-labelledby={`${id}-label`}
      aria-describedby={is.describedBy}
    >
      <Legend id={id} label={field.label} button={is.button} />
      <ol className="flex flex-wrap gap-2">
        {value.map((row, i) => {
          const thing = book.find((t) => t.name === row.name);
          const picture = thing && pictureOf(thing);
          return (
            <li key={i}>
              <button
                type="button"
                className={`stitch-pick${wrongIn(i) ? ' is-wrong' : ''}`}
                aria-expanded={i === chosen}
                onClick={() => setChosen(i === chosen ? -1 : i)}
              >
                {picture && <StitchStrip drawing={picture} width={92} height={34} />}
                <span>
                  {value.length > 1 && <b className="fig mr-1.5">{i + 1}</b>}
                  {String(row.name ?? 'a stitch')}
                </span>
              </button>
            </li>
          );
        })}
        <li>
          <button type="button" className="btn quiet" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
            <Plus size={16} aria-hidden /> {value.length ? 'One more' : 'Take one from the book'}
          </button>
        </li>
      </ol>
      {chosen >= 0 && value[chosen] && (
        <div
          className="sheet mt-2 flex flex-wrap items-start gap-x-3 gap-y-2"
          role="group"
          aria-label={`Stitch ${chosen + 1}`}
        >
          {inner
            .filter((f) => isAsked(f, value[chosen]!, inner) && f.kind !== 'path')
            .map((f) => (
              <GroupField
                key={f.name}
                field={f}
                said={value[chosen]![f.name]}
                say={(typed) => put(chosen, f.name, typed)}
                error={errors[`${field.name}[${chosen}].${f.name}`]}
                units={units}
              />
            ))}
          <span className="mt-5 flex gap-2">
            {chosen > 0 && (
              <button type="button" className="btn quiet" onClick={() => earlier(chosen)}>
                <ArrowLeft size={16} aria-hidden /> Earlier
              </button>
            )}
            <button
              type="button"
              className="btn quiet"
              onClick={() => {
                set(value.filter((_, i) => i !== chosen));
                setChosen(-1);
              }}
            >
              <X size={16} aria-hidden /> Take it out
            </button>
          </span>
        </div>
      )}
      {value.map(
        (_, i) =>
          wrongIn(i) && (
            <p key={i} className="wrong">
              Stitch {i + 1}: {wrongIn(i)}
            </p>
          ),
      )}
      {isOpen && (
        <div className="sheet mt-2 grid gap-3" role="group" aria-label="The stitch library">
          {book.length > 0 ? (
            <StitchShelf
              tile={(t) => (
                <button
                  type="button"
                  className="stitch-tile"
                  onClick={() => {
                    set([...value, told(t, inner)]);
                    setOpen(false);
                  }}
                >
                  <StitchFace stitch={t} />
                </button>
              )}
            />
          ) : (
            <p>
              The stitch library is empty. Put the machine’s stitches into the{' '}
              <a href="/supplies/machine-stitch">drawer</a>, or type one here.
            </p>
          )}
          <button
            type="button"
            className="btn bare justify-self-start"
            onClick={() => {
              set([...value, startOf({ fields: inner })]);
              setChosen(value.length);
              setOpen(false);
            }}
          >
            Type one that is not in the book
          </button>
        </div>
      )}
      {is.line}
    </fieldset>
  );
}

/** What a stitch of the book says, by the fields that take it from there. */
export function told(stitch: Thing, inner: Field[]): Ask {
  const of = stitch.properties as Record<string, unknown>;
  const row: Ask = {};
  for (const field of inner) {
    const [, property] = field.from.split('.');
    const says = property === 'name' ? stitch.name : property && of[property];
    if (says !== undefined && says !== '') row[field.name] = says;
  }
  // A word is as long as its letters are.
  const pitch = stitch.understood.pitch?.mm;
  const word = of.word as string | undefined;
  const repeat = inner.find((f) => f.from.endsWith('.repeat'));
  if (repeat && pitch && word) row[repeat.name] = `${pitch * word.length} mm`;
  return row;
}
