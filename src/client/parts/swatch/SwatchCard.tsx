import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Ask, Choice, Cloth, SwatchSays, Technique, Units } from '../../api/types';
import { takeDraft, writeDraft } from '../../app/drafts';
import { SwatchPicture } from '../../drawing/SwatchPicture';
import { useReckoning } from '../../app/useReckoning';
import { Findings } from '../Findings';
import { Segmented } from '../Segmented';
import { changesOf, knobsFor, saysOfKnob, type Features } from './features';
import { KnobFields } from './KnobFields';
import { Photographs } from './Photographs';
import { Readings } from './Readings';
import { Counts, Looks, Note } from './SwatchAnswers';
import { SwatchLines, type LineSays } from './SwatchLines';
import { SwatchSettings } from './SwatchSettings';
import { SwatchVerdict } from './SwatchVerdict';
import type { PlotPoint } from './usePlot';
import type { Swatch, SwatchChange } from './useSwatches';

type Props = {
  number: number;
  /** What it is called, where it has no number among others. */
  title?: string;
  swatch: Swatch;
  before: Swatch | undefined;
  isFresh: boolean;
  tried: string[];
  technique: Technique;
  ask: Ask;
  cloth: Cloth;
  units: Units;
  change: (id: string, parts: SwatchChange) => Promise<Record<string, string[]>>;
  remove: (id: string) => void;
  /** Adds the next swatch, to try a change; only the last one can. */
  next?: (changed: string) => void;
  /** Takes a figure of it into the plan. */
  take?: (field: string, value: number) => void;
  /** What the other swatches say of it, where its technique predicts. */
  point?: PlotPoint;
  /** What was predicted before anything is measured. */
  predicted?: number;
  photographs: string[];
  /** The card as it would be set now, where it is known: what was set then is shown in its order. */
  card?: Record<string, string>;
};

/** One swatch: two figures to type, its fullness at once, how it looks, and what to try next. */
export function SwatchCard(props: Props) {
  const { number, swatch, before, isFresh, tried, technique, ask, cloth, units, change, remove } = props;
  const [typed, setTyped] = useState<Record<string, string | undefined>>(() => takeDraft(swatch.id));
  const [wrong, setWrong] = useState<Record<string, string[]>>({});
  const fields = technique.swatch.fields;
  const looks = fields.find((f) => f.name === 'looks')?.choices ?? [];
  const changes = fields.find((f) => f.name === 'tried')?.choices ?? [];

  // Of a part the program knows what was set; a swatch that stands alone is looked at by itself.
  const faults = swatch.looks.filter((l) => l !== 'right');
  const wrongOn = faults.length
    ? new URLSearchParams({
        seen: faults.join(','),
        ...(swatch.workingId ? { part: swatch.workingId, swatch: swatch.id, from: 'sample' } : {}),
      }).toString()
    : '';

  const kinds = technique.swatch.readings;
  const textOf = (kind: string) => typed[kind] ?? (swatch.readings[kind] ?? []).map((l) => l.text).join('; ');
  // What is kept is judged as exactly as it was read, and not as it is written here.
  const exact = (kind: string) =>
    typed[kind] === undefined ? (swatch.readings[kind] ?? []).map((l) => l.mm) : readings(kind);
  const readings = (kind: string) =>
    textOf(kind)
      .split(';')
      .map((t) => t.trim())
      .filter(Boolean);
  // From the newest state, never from a closure: one reading is kept while the next is already typed.
  const type = (kind: string, text: string) => setTyped((now) => drafted({ ...now, [kind]: text }));
  const keep = async (kind: string) => {
    const text = typed[kind];
    if (text === undefined) return;
    const errors = await change(swatch.id, { readings: { [kind]: readings(kind) } });
    const says = errors[`readings.${kind}`] ?? Object.values(errors).flat();
    setWrong((now) => ({ ...now, [kind]: says }));
    if (says.length) return;
    setTyped((now) => (now[kind] === text ? drafted({ ...now, [kind]: undefined }) : now));
  };
  /** A figure from a photograph is one reading more, and is said to be from there. */
  const putMeasured = async (kind: string, text: string) => {
    const label = kinds.find((k) => k.name === kind)?.label ?? kind;
    const errors = await change(swatch.id, {
      readings: { [kind]: [...readings(kind), text] },
      note: [swatch.note, `${label} ${text}: measured from a photograph.`].filter(Boolean).join('\n'),
    });
    setWrong((now) => ({ ...now, [kind]: Object.values(errors).flat() }));
  };
  const drafted = (next: typeof typed) => {
    writeDraft(swatch.id, Object.fromEntries(Object.entries(next).filter(([, text]) => text !== undefined)));
    return next;
  };

  const name = props.title ?? `Swatch ${number}`;
  const { learns, against } = technique.swatch;
  const knobs = knobsFor(technique, ask);
  const features = swatch.features as Features;
  const changed = changesOf(features, before?.features as Features | undefined, knobs);
  const { point } = props;
  const expected = point?.foretold ?? point?.expected ?? (learns ? props.predicted : undefined) ?? undefined;
  const planned = technique.fields.find((f) => f.name === against);
  const said = planned && ((swatch.settings as Record<string, string>)[planned.label] ?? ask[against]);
  /** What it is held against; nothing for one that stands by itself. */
  const held = expected ?? (Number(said) || undefined);
  const keepKnobs = async (turned: Features) => {
    const errors = await change(swatch.id, { features: turned });
    setWrong((now) => ({
      ...Object.fromEntries(Object.entries(now).filter(([k]) => !k.startsWith('features.'))),
      ...errors,
    }));
    return Object.keys(errors).length === 0;
  };
  // Some scraps hold several stitches, each measured by itself.
  const lineField = fields.find((f) => f.kind === 'groups' && technique.swatch.features.includes(f.name));
  const lines =
    lineField && ((swatch.features as Record<string, unknown>)[lineField.name] as Ask[] | undefined);
  const isMeasured = kinds.every((k) => !k.isNeeded || readings(k.name).length > 0) || Boolean(lines?.length);
  const says = useReckoning<SwatchSays>(
    isMeasured ? `reckon/${technique.name}/swatch` : null,
    {
      // Of the plan, what judging asks for too.
      ...Object.fromEntries(
        fields.filter((f) => ask[f.name] !== undefined).map((f) => [f.name, ask[f.name]]),
      ),
      ...(swatch.features as Features),
      ...(against
        ? {
            [against]: within(
              fields.find((f) => f.name === against),
              held,
            ),
          }
        : {}),
      ...(expected !== undefined && fields.some((f) => f.name === 'predicted') ? { predicted: true } : {}),
      ...Object.fromEntries(kinds.filter((k) => readings(k.name).length).map((k) => [k.name, exact(k.name)])),
      looks: swatch.looks,
      tried,
    },
    units,
    '',
  );
  return (
    <li className="sheet grid min-w-0 gap-3" aria-label={name}>
      <Header
        name={name}
        swatch={swatch}
        cloth={cloth}
        remove={remove}
        changes={changes}
        photographs={props.photographs}
      />
      {knobs.length > 0 && (
        <>
          <KnobFields
            swatch={swatch.id}
            knobs={knobs}
            features={features}
            changed={changed.map((k) => k.name)}
            errors={wrong}
            keep={keepKnobs}
          />
          {changed.length > 0 && (
            <p className="noted !py-0 text-sm">
              Changed since the last swatch:{' '}
              {changed.map((k) => `${k.label.toLowerCase()} ${saysOfKnob(k, features)}`).join(', ')}.
              {changed.length > 1 &&
                ` You changed ${changed.length} things, so you won’t know which one made the difference.`}
            </p>
          )}
        </>
      )}
      <div className="grid grid-cols-2 gap-3">
        {kinds.map((kind, i) => (
          <Readings
            key={kind.name}
            field={kind}
            text={textOf(kind.name)}
            error={
              wrong[kind.name]?.join(' ') ||
              (typed[kind.name] !== undefined ? says.errors[kind.name] : undefined)
            }
            stats={says.answer?.readings.find((r) => r.kind === kind.name)}
            waits={isFresh && i === 0}
            type={(text) => type(kind.name, text)}
            keep={() => void keep(kind.name)}
          />
        ))}
      </div>
      {lineField && (
        <SwatchLines
          swatch={swatch.id}
          field={lineField}
          machine={(swatch.uses as Record<string, string> | null)?.machine}
          lines={lines ?? []}
          errors={wrong}
          keep={(next) => keepKnobs({ [lineField.name]: next } as never)}
          says={(says.answer as unknown as Record<string, LineSays[]> | null)?.[lineField.name]}
        />
      )}
      {says.answer && <SwatchVerdict says={says.answer} take={props.take} />}
      {point?.isOdd && (
        <div className="care">
          <b className="block">This one is very different from your other swatches.</b>
          Was it measured correctly? Is it the same fabric? {swatch.counts ? 'Still used.' : 'Not used.'}
        </div>
      )}
      {learns && says.answer && (
        <Counts counts={swatch.counts} set={(counts) => change(swatch.id, { counts })} />
      )}
      <Looks looks={looks} seen={swatch.looks} see={(list) => void change(swatch.id, { looks: list })} />
      {wrongOn.length > 0 && (
        <Link className="btn bare justify-self-start" to={`/faults?${wrongOn}`}>
          Find what is behind it
        </Link>
      )}
      <Segmented
        label="Result"
        value={swatch.verdict}
        choices={[
          { name: 'yes', label: 'good' },
          { name: 'nearly', label: 'nearly' },
          { name: 'no', label: 'not yet' },
        ]}
        onChoose={(verdict) => void change(swatch.id, { verdict })}
      />
      {says.answer?.firstChange && swatch.verdict !== 'yes' && (
        <div className="care">
          <b className="block">First change to try: {says.answer.firstChange.change}</b>
          {says.answer.firstChange.because}
          {props.next && (
            <button
              type="button"
              className="btn bare !block !min-h-11 !px-0 !text-inherit"
              onClick={() => props.next!(says.answer!.firstChange!.name)}
            >
              Record a swatch with this change
            </button>
          )}
        </div>
      )}
      {says.answer && <Findings findings={says.answer.findings} />}
      <Photographs
        swatch={swatch.id}
        name={name}
        ids={props.photographs}
        kinds={kinds}
        put={(kind, text) => void putMeasured(kind, text)}
      />
      <Note swatch={swatch} keep={(note) => change(swatch.id, { note })} />
      <SwatchSettings swatch={swatch} before={before} card={props.card} />
    </li>
  );
}

/** A figure within what its field takes. */
function within({ least, most }: { least?: number | null; most?: number | null } = {}, figure?: number) {
  if (figure === undefined) return undefined;
  return Math.min(most ?? figure, Math.max(least ?? figure, figure));
}

function Header({
  name,
  swatch,
  cloth,
  remove,
  changes,
  photographs,
}: Pick<Props, 'swatch' | 'cloth' | 'remove' | 'photographs'> & { name: string; changes: Choice[] }) {
  const changed = changes.find((c) => c.name === swatch.changed);
  return (
    <div className="flex items-center gap-3">
      <SwatchPicture swatch={swatch} cloth={cloth} photograph={photographs[0]} size={72} />
      <div className="min-w-0">
        <h3 className="fig text-xl">{name}</h3>
        {swatch.simulated && (
          <p className="text-sm">
            <mark className="rounded bg-chalk px-1.5 font-semibold text-on-chalk">
              simulated, not really sewn
            </mark>
          </p>
        )}
        {changed && <p className="text-sm text-soft">tries: {changed.label}</p>}
      </div>
      <button
        type="button"
        className="ml-auto grid h-11 w-11 shrink-0 place-items-center rounded-lg"
        aria-label={`Delete ${name.toLowerCase()}`}
        onClick={() => remove(swatch.id)}
      >
        <Trash2 size={18} aria-hidden />
      </button>
    </div>
  );
}
