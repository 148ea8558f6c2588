import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { ThingKind } from '../../api/types';
import { useDrawer, useKinds, type Thing } from '../../app/drawer';
import { PageHead } from '../../app/PageHead';
import { Measure } from '../../parts/Measure';
import { AddThings } from './AddThings';
import { CsvTray } from '../../parts/CsvTray';
import { stitchKind } from '../../parts/book/StitchShelf';
import { factsOf, unknownsOf } from './facts';
import { StitchBook } from './StitchBook';
import { ThingPicture } from './ThingPicture';

/** What is owned, shelf by shelf. */
export function Drawer() {
  const { kind: asked = 'machine' } = useParams();
  const drawer = useDrawer().data;
  const kinds = useKinds().data;
  const kind = kinds?.find((k) => k.name === asked) ?? kinds?.[0];
  const [query] = useSearchParams();
  const [isAdding, setAdding] = useState(query.has('add'));
  const things = drawer?.things.filter((t) => t.kind === kind?.name) ?? [];
  return (
    <>
      <PageHead title="Supplies" crumb="your equipment and fabrics, and what works together" />
      <DrawerRooms here="things" />
      <nav aria-label="Shelves" className="mb-4 flex flex-wrap gap-2">
        {kinds?.map((k) => (
          <Link
            key={k.name}
            to={`/supplies/${k.name}`}
            aria-current={k === kind ? 'page' : undefined}
            className="shelf"
            onClick={() => setAdding(false)}
          >
            {k.plural}
            <span>{drawer?.things.filter((t) => t.kind === k.name).length ?? ''}</span>
          </Link>
        ))}
      </nav>
      {kind && drawer && (
        <>
          {isAdding ? (
            <AddThings kind={kind} close={() => setAdding(false)} />
          ) : things.length === 0 ? (
            <section className="tacked max-w-2xl">
              <h2 className="fig mb-1 text-2xl">No {kind.plural} here yet</h2>
              <p className="mb-4 text-soft">
                {kind.says} Begin from usual ones and adjust them; what you do not know can stay unknown.
              </p>
              <button type="button" className="btn" onClick={() => setAdding(true)}>
                Add {kind.plural}
              </button>
            </section>
          ) : (
            <>
              {kind.name === stitchKind ? (
                <StitchBook />
              ) : (
                <ul className="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
                  {things.map((thing) => (
                    <Tile key={thing.id} thing={thing} kind={kind} />
                  ))}
                </ul>
              )}
              <div className="mt-5 flex flex-wrap items-center gap-3">
                <button type="button" className="btn" onClick={() => setAdding(true)}>
                  Add {kind.plural}
                </button>
                <CsvTray at={`/api/drawer/${kind.name}/csv`} one={kind.title} many={kind.plural} />
              </div>
            </>
          )}
          {things.length === 0 && !isAdding && (
            <div className="mt-4">
              <CsvTray at={`/api/drawer/${kind.name}/csv`} one={kind.title} many={kind.plural} />
            </div>
          )}
        </>
      )}
    </>
  );
}

/** The rooms of the drawer, one line above them all. */
export function DrawerRooms({ here }: { here: 'things' | 'chart' | 'ask' | 'rules' }) {
  const rooms = [
    { name: 'things', to: '/supplies', says: 'My supplies' },
    { name: 'chart', to: '/supplies/chart', says: 'Compatibility' },
    { name: 'ask', to: '/supplies/settings', says: 'Machine settings finder' },
    { name: 'rules', to: '/supplies/rules', says: 'Compatibility rules' },
  ] as const;
  return (
    <nav aria-label="In your supplies" className="no-print rooms">
      {rooms.map((room) => (
        <Link key={room.name} to={room.to} aria-current={room.name === here ? 'page' : undefined}>
          {room.says}
        </Link>
      ))}
    </nav>
  );
}

function Tile({ thing, kind }: { thing: Thing; kind: ThingKind }) {
  const left = thing.understood.lengthLeft;
  const unknown = unknownsOf(thing, kind);
  return (
    <li>
      <Link
        to={`/supplies/thing/${thing.id}`}
        className="sheet grid h-full min-h-28 grid-cols-[112px_minmax(0,1fr)] items-center gap-4 text-inherit no-underline"
      >
        <span aria-hidden className="grid place-items-center overflow-hidden">
          <ThingPicture thing={thing} />
        </span>
        <span className="min-w-0">
          <b className="name block text-[1.12rem] leading-tight break-words">{thing.name}</b>
          <span className="mt-1 block text-sm text-soft">
            <Measure text={factsOf(thing, kind)} />
          </span>
          {left && (
            <span className="mt-1 block text-[0.95rem] font-semibold">
              <Measure text={left.text} /> left
            </span>
          )}
          {unknown > 0 && (
            <span className="mt-1 block text-sm text-soft">
              {unknown === 1 ? 'one detail' : `${unknown} details`} missing
            </span>
          )}
        </span>
      </Link>
    </li>
  );
}
