import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { ThingKind } from '../../api/types';
import { isMine, useDrawer, useDrawerChanges } from '../../app/drawer';
import { notify } from '../../app/notice';
import { StitchStrip } from '../../drawing/StitchStrip';
import { pictureOf, stitchKind } from '../../parts/book/StitchShelf';

/** Usual things to begin from: tick those that are owned, and adjust them after. */
export function AddThings({ kind, close }: { kind: ThingKind; close: () => void }) {
  const [chosen, setChosen] = useState<string[]>([]);
  const { add } = useDrawerChanges();
  const navigate = useNavigate();
  const [isBusy, setBusy] = useState(false);
  // What belongs to another thing is put in with its name: a stitch with its machine.
  const owner = kind.fields.find((f) => f.names);
  const things = useDrawer().data?.things ?? [];
  const owners = things.filter((t) => t.kind === owner?.names);
  // The first machine that she puts in is the one she sews on.
  const isHers = kind.name === 'machine' && !things.some(isMine);
  const [of, setOf] = useState<string>();
  const whose = of ?? owners[0]?.name;
  // Two of one kind are told apart by their names: stitches know their machine by it.
  const freeName = (name: string) => {
    const isTaken = (as: string) => things.some((t) => t.kind === kind.name && t.name === as);
    let number = 1;
    while (isTaken(number > 1 ? `${name} ${number}` : name)) number++;
    return number > 1 ? `${name} ${number}` : name;
  };
  const put = async (names: string[]) => {
    setBusy(true);
    let last = '';
    try {
      for (const [i, name] of names.entries()) {
        const starter = kind.starters.find((s) => s.name === name);
        last = await add(kind.name, owner ? name : freeName(name), {
          ...((starter?.properties ?? {}) as Record<string, unknown>),
          ...(owner && whose ? { [owner.name]: whose } : {}),
          ...(isHers && i === 0 ? { mine: true } : {}),
        });
      }
    } finally {
      setBusy(false);
    }
    notify({
      says: `${names.length === 1 ? `“${names[0]}”` : `${names.length} ${kind.plural}`} added to your supplies.`,
    });
    close();
    if (names.length === 1) void navigate(`/supplies/thing/${last}`);
  };
  return (
    <section className="tacked max-w-4xl" aria-label={`Add ${kind.plural}`}>
      <h2 className="fig mb-1 text-2xl">Which of these do you have?</h2>
      <p className="mb-3 text-soft">
        The measurements are typical; check them against yours, or clear what you don’t know.
      </p>
      {owner && owners.length > 0 && (
        <label className="field mb-3 w-60">
          {owner.label}
          <select className="entry" value={whose} onChange={(e) => setOf(e.target.value)}>
            {owners.map((t) => (
              <option key={t.id}>{t.name}</option>
            ))}
          </select>
        </label>
      )}
      <ul className="grid gap-x-5 gap-y-1 sm:grid-cols-2">
        {kind.starters.map((starter) => (
          <li key={starter.name}>
            <label className="flex min-h-11 items-start gap-3 rounded-md py-1.5">
              <input
                type="checkbox"
                className="mt-1 h-5 w-5 shrink-0"
                checked={chosen.includes(starter.name)}
                onChange={(e) =>
                  setChosen(
                    e.target.checked
                      ? [...chosen, starter.name]
                      : chosen.filter((name) => name !== starter.name),
                  )
                }
              />
              {kind.name === stitchKind && pictureOf(starter) && (
                <StitchStrip drawing={pictureOf(starter)!} width={104} height={44} />
              )}
              <span>
                <b>{starter.name}</b>
                {starter.says && <span className="block text-sm text-soft">{starter.says}</span>}
              </span>
            </label>
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn"
          disabled={chosen.length === 0 || isBusy}
          onClick={() => void put(chosen)}
        >
          {isBusy ? 'Adding…' : chosen.length > 1 ? `Add these ${chosen.length}` : 'Add'}
        </button>
        <button
          type="button"
          className="btn quiet"
          disabled={isBusy}
          onClick={() => void put([`another ${kind.title}`])}
        >
          Something else
        </button>
        <button type="button" className="btn bare" onClick={close}>
          Cancel
        </button>
      </div>
    </section>
  );
}
