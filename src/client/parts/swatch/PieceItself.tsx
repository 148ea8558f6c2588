import { useState } from 'react';
import { newId } from '../../api/id';
import type { Answer, Technique, Units } from '../../api/types';
import type { Reckoning } from '../../app/useReckoning';
import type { EditedWorking } from '../../app/useWorking';
import { chosenFeatures, plannedFeatures, type Features } from './features';
import { useSwatches } from './useSwatches';

const note = 'The piece itself.';

/** Whether a swatch is the finished piece, measured. */
export const isPieceItself = (swatch: { note: string }) => swatch.note === note;

type Props = { working: EditedWorking; technique: Technique; reckoning: Reckoning<Answer>; units: Units };

/** What the finished piece came to is the best swatch there is: its figures, and the next prediction learns from it. */
export function PieceItself({ working, technique, reckoning, units }: Props) {
  const { swatches, add, change } = useSwatches(working.id, units);
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [wrong, setWrong] = useState('');
  const needed = technique.swatch.readings.filter((r) => r.isNeeded);
  const known = swatches?.find(isPieceItself);
  const read = needed.map((r) => known?.readings[r.name]?.[0]?.text);
  const latest = (swatches?.at(-1)?.features ?? {}) as Features;
  const teach = async () => {
    if (needed.some((r) => !typed[r.name]?.trim())) {
      setWrong('All of these are needed.');
      return;
    }
    setWrong('');
    const id = newId();
    await add({
      id,
      workingId: working.id,
      uses: working.uses,
      features: {
        ...plannedFeatures(technique, working.ask, reckoning),
        ...latest,
        ...chosenFeatures(technique, working.ask),
        ...Object.fromEntries(
          Object.entries(technique.swatch.ofPiece).map(([name, figure]) => [
            name,
            (reckoning.answer as Record<string, unknown> | null)?.[figure],
          ]),
        ),
      },
      verdict: 'yes',
      note,
    });
    const readings = Object.fromEntries(needed.map((r) => [r.name, [typed[r.name]]]));
    const says = Object.values(await change(id, { readings }))
      .flat()
      .join(' ');
    setWrong(says);
    if (!says) setTyped({});
  };
  return (
    <section className="sheet grid gap-2" aria-label="The piece itself">
      <h2>Measure the finished piece</h2>
      {known && read.every(Boolean) ? (
        <p className="text-[0.95rem]">✓ {read.join(' became ')}: the next prediction knows it.</p>
      ) : (
        <>
          <p className="text-sm text-soft">Enter what it measures to improve the next estimate</p>
          <div className="grid grid-cols-2 gap-3">
            {needed.map((r) => (
              <Figure
                key={r.name}
                label={r.label}
                help={r.says}
                typed={typed[r.name] ?? ''}
                type={(text) => setTyped((now) => ({ ...now, [r.name]: text }))}
              />
            ))}
          </div>
          {wrong && (
            <p role="alert" className="wrong">
              {wrong}
            </p>
          )}
          <button
            type="button"
            className="btn quiet justify-self-start"
            // What the piece teaches besides its two figures is told by its plan.
            disabled={!reckoning.answer && Object.keys(technique.swatch.ofPiece).length > 0}
            onClick={() => void teach()}
          >
            Save it
          </button>
        </>
      )}
    </section>
  );
}

type FigureProps = { label: string; help: string; typed: string; type: (text: string) => void };

function Figure({ label, help, typed, type }: FigureProps) {
  return (
    <label className="field" title={help || undefined}>
      {label}
      <input className="entry" autoComplete="off" value={typed} onChange={(e) => type(e.target.value)} />
    </label>
  );
}
