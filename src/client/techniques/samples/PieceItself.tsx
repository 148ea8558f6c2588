import { useState } from 'react';
import { newId } from '../../api/id';
import { layouts } from '../pieced/layouts';
import type { StageProps } from '../registry';
import { plannedFeatures, type Features } from './features';
import { useSwatches } from './useSwatches';

const note = 'The piece itself.';

/** What the finished piece came to is the best swatch there is: two figures, and the next prediction learns from it. */
export function PieceItself({ working, technique, reckoning, units }: StageProps) {
  const { swatches, add, change } = useSwatches(working.id, units);
  const [flat, setFlat] = useState('');
  const [sewn, setSewn] = useState('');
  const [wrong, setWrong] = useState('');
  const known = swatches?.find((s) => s.note === note);
  const latest = (swatches?.at(-1)?.features ?? {}) as Features;
  const teach = async () => {
    if (!flat.trim() || !sewn.trim()) {
      setWrong('Both figures are needed.');
      return;
    }
    setWrong('');
    const id = newId();
    await add({
      id,
      workingId: working.id,
      uses: working.uses,
      features: { ...plannedFeatures(technique, working.ask, reckoning), ...latest } as never,
      verdict: 'yes',
      note,
    });
    const errors = await change(id, { flat: [flat], gathered: [sewn] } as never);
    const says = Object.values(errors).flat().join(' ');
    if (says) setWrong(says);
    else {
      setFlat('');
      setSewn('');
    }
  };
  return (
    <section className="sheet grid gap-2" aria-label="The piece itself">
      <h2>What the piece itself came to</h2>
      {known && known.flat.length > 0 ? (
        <p className="text-[0.95rem]">
          ✓ {known.flat[0]!.text} became {known.gathered[0]?.text}: the next prediction knows it.
        </p>
      ) : (
        <>
          <p className="text-sm text-soft">Two figures, and the next prediction learns from it.</p>
          <div className="grid grid-cols-2 gap-3">
            <Figure label="Flat" typed={flat} type={setFlat} />
            <Figure label={layouts[technique.name]?.sewn ?? 'Sewn'} typed={sewn} type={setSewn} />
          </div>
          {wrong && (
            <p role="alert" className="wrong">
              {wrong}
            </p>
          )}
          <button type="button" className="btn quiet justify-self-start" onClick={() => void teach()}>
            Let it teach
          </button>
        </>
      )}
    </section>
  );
}

function Figure({ label, typed, type }: { label: string; typed: string; type: (text: string) => void }) {
  return (
    <label className="field">
      {label}
      <input className="entry" autoComplete="off" value={typed} onChange={(e) => type(e.target.value)} />
    </label>
  );
}
