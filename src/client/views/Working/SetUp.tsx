import { Printer } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useDrawer } from '../../app/drawer';
import { useCard } from '../../app/useCard';
import { useChangeWorkroom, useWorkroom } from '../../app/workroom';
import { CardSides, CardView } from '../../parts/CardView';
import { NumberField, numberOf } from '../../parts/NumberField';
import { ThingSelect } from '../../parts/ThingSelect';
import { FromDrawer, useChoose } from '../../parts/ask/FromDrawer';
import { CautionsAt } from './CautionsAt';
import type { StageProps } from './stage';

/** Set up: the settings card for the chosen machine, each line with its reason, and the hand-wheel check. */
export function SetUp({ working, technique, reckoning, units }: StageProps) {
  const drawer = useDrawer().data;
  const hasMachine = drawer?.things.some((t) => t.kind === 'machine');
  const card = useCard(working, technique.name, units, reckoning.answer);
  const choose = useChoose(working, technique.fields);
  return (
    <div className="stacked-in-print grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
      {card.answer ? (
        <CardView
          card={card.answer}
          heading={
            card.answer.machine ? `${card.answer.title}, on the ${card.answer.machine}` : card.answer.title
          }
        />
      ) : (
        <p className="text-soft">{card.unreachable ?? 'Opening…'}</p>
      )}
      <aside className="no-print grid content-start gap-4">
        <section className="sheet grid gap-3" aria-label="From my supplies">
          <h2>From my supplies</h2>
          {hasMachine ? (
            <ThingSelect
              kind="machine"
              label="Machine"
              className=""
              value={working.uses.machine ?? ''}
              set={(id) => working.change({ uses: { machine: id || null } })}
              none={card.answer?.machine}
            />
          ) : (
            <OwnMachine errors={card.errors} />
          )}
          {technique.uses.map((kind) => (
            <FromDrawer
              key={kind}
              working={working}
              fields={technique.fields}
              kind={kind}
              label={capital(kind)}
              none={
                kind === 'foot' || kind === 'needle' || kind === 'stabiliser'
                  ? 'as the settings say'
                  : undefined
              }
              className=""
            />
          ))}
          <Link
            className="text-sm font-semibold underline underline-offset-4"
            to={`/supplies/chart?technique=${technique.name}`}
          >
            See what fits for this technique
          </Link>
        </section>
        {card.answer && <CardSides card={card.answer} use={choose} />}
        <CautionsAt stage="set-up" answer={reckoning.answer} />
        <div className="flex flex-wrap gap-3">
          <Link className="btn" to={`/parts/${working.id}/sample`}>
            Sew a swatch
          </Link>
          <button type="button" className="btn quiet" onClick={() => print()}>
            <Printer size={18} aria-hidden /> Print these settings
          </button>
        </div>
      </aside>
    </div>
  );
}

const capital = (text: string) => text[0]!.toUpperCase() + text.slice(1);

/** A machine that is not in the drawer: two figures of it are enough for a card. */
function OwnMachine({ errors }: { errors: Record<string, string> }) {
  const workroom = useWorkroom().data;
  const { mutate } = useChangeWorkroom();
  const [typed, setTyped] = useState<{ tension?: string; stitch?: string }>({});
  const tension = typed.tension ?? String(workroom?.normalTension ?? '');
  const stitch = typed.stitch ?? String(workroom?.longestStitchMm ?? '');
  const keep = useRef(() => {});
  keep.current = () => {
    if (typed.tension === undefined && typed.stitch === undefined) return;
    mutate({
      normalTension: numberOf(tension) ?? undefined,
      longestStitchMm: numberOf(stitch) ?? undefined,
    });
    setTyped({});
  };
  useEffect(() => {
    const later = setTimeout(() => keep.current(), 700);
    return () => clearTimeout(later);
  }, [typed]);
  // What was typed just before the view is left is kept too.
  useEffect(() => () => keep.current(), []);
  return (
    <>
      <p className="text-sm text-soft">
        Dials differ. Say what yours shows when it sews an ordinary seam, or{' '}
        <Link to="/supplies/machine">add your machine to Supplies</Link>.
      </p>
      <div className="flex gap-4">
        <NumberField
          label="Normal tension"
          typed={tension}
          onType={(text) => setTyped({ ...typed, tension: text })}
          error={errors.normalTension}
          step={0.5}
        />
        <NumberField
          label="Longest stitch"
          suffix="mm"
          typed={stitch}
          onType={(text) => setTyped({ ...typed, stitch: text })}
          error={errors.longestStitch}
          step={0.5}
        />
      </div>
    </>
  );
}
