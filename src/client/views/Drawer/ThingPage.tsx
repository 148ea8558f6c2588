import { Trash2 } from 'lucide-react';
import { Link, useNavigate, useParams } from 'react-router';
import type { ThingKind } from '../../api/types';
import { useDrawer, useDrawerChanges, useKinds, type Thing, type Tried } from '../../app/drawer';
import { PageHead } from '../../app/PageHead';
import { useUnits } from '../../app/workroom';
import { StitchStrip } from '../../drawing/StitchStrip';
import { Measure } from '../../parts/Measure';
import { PropertyField } from '../../parts/PropertyField';
import { pictureOf, stitchKind } from '../../parts/book/StitchShelf';
import { StitchPad } from '../../parts/StitchPad';
import { DrawerRooms } from './Drawer';
import { FootBench } from './FootBench';
import { MeasuredDial } from './MeasuredDial';
import { NearestThreads } from './NearestThreads';
import { Dial, ThingPicture } from './ThingPicture';
import { TriedNotes } from './TriedNotes';
import { useThing } from './useThing';

/** One thing of the drawer: adjusted on its own drawing, with what was tried. */
export function ThingPage() {
  const { id = '' } = useParams();
  const drawer = useDrawer();
  const kinds = useKinds().data;
  const thing = drawer.data?.things.find((t) => t.id === id);
  const kind = kinds?.find((k) => k.name === thing?.kind);
  if (drawer.isSuccess && !thing)
    return (
      <div className="tacked mx-auto mt-16 max-w-lg">
        <h1 className="text-2xl">This item was deleted</h1>
        <p className="my-3">It was deleted, perhaps on another device. Undo brings it back.</p>
        <Link className="btn" to="/supplies">
          Back to Supplies
        </Link>
      </div>
    );
  if (!thing || !kind) return <p className="p-8 text-soft">Loading…</p>;
  return (
    <Opened key={id} thing={thing} kind={kind} tried={drawer.data!.tried} things={drawer.data!.things} />
  );
}

function Opened({
  thing,
  kind,
  tried,
  things,
}: {
  thing: Thing;
  kind: ThingKind;
  tried: Tried[];
  things: Thing[];
}) {
  const edited = useThing(thing);
  const units = useUnits();
  const navigate = useNavigate();
  const { remove } = useDrawerChanges();
  const label = (field: string) => kind.fields.find((f) => f.name === field)?.label ?? field;
  return (
    <>
      <PageHead
        title={
          <input
            aria-label={`Name of this ${kind.title}`}
            className="field-sizing-content max-w-full min-w-40 rounded bg-transparent hover:bg-paper focus:bg-paper"
            value={edited.name}
            maxLength={120}
            onChange={(e) => e.target.value.trim() && edited.rename(e.target.value)}
          />
        }
        crumb={<Link to={`/supplies/${kind.name}`}>{kind.plural}</Link>}
      />
      <DrawerRooms here="things" />
      <div className="grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-5">
          {thing.kind === 'foot' && (
            <FootBench properties={edited.properties} units={units} set={edited.set} label={label} />
          )}
          <section
            className="grid gap-x-5 gap-y-4 sm:grid-cols-2 xl:grid-cols-3"
            aria-label="What is known of it"
          >
            {kind.fields
              .filter((f) => f.kind !== 'groups' && f.kind !== 'path')
              .map((field) => (
                <div
                  key={field.name}
                  className={field.kind === 'choices' ? 'sm:col-span-2 xl:col-span-3' : ''}
                >
                  <PropertyField
                    field={field}
                    value={edited.properties[field.name]}
                    set={(typed) => edited.set(field.name, typed)}
                    understood={field.name in edited.typed ? undefined : thing.understood[field.name]}
                    error={edited.errors[field.name]}
                    units={units}
                  />
                </div>
              ))}
          </section>
          {kind.fields
            .filter((f) => f.kind === 'path')
            .map((f) => (
              <StitchPad
                key={f.name}
                label={f.label}
                says={f.says}
                value={String(edited.properties[f.name] ?? '')}
                set={(data) => edited.set(f.name, data)}
                length={thing.understood.repeat?.mm ?? 8}
                width={thing.understood.width?.mm || 5}
                error={edited.errors[f.name]}
              />
            ))}
          {kind.measured.map((measured) => (
            <MeasuredDial
              key={measured.field}
              thing={thing}
              kind={kind}
              measured={measured}
              set={edited.set}
            />
          ))}
        </div>
        <aside className="grid content-start gap-4">
          {thing.kind === 'machine' ? (
            <section className="sheet grid justify-items-center gap-2 text-center" aria-label="Its dial">
              <Dial thing={{ ...thing, properties: edited.properties as Thing['properties'] }} size={168} />
              <p className="text-sm text-soft">
                {edited.properties.normalTension === undefined
                  ? 'A dial without measurements: cards say how much looser or tighter.'
                  : 'The ringed measurement is this machine’s normal: what it sews ordinary seams at.'}
              </p>
            </section>
          ) : (
            thing.kind !== 'foot' && (
              <section className="sheet grid justify-items-center gap-2">
                {thing.kind === stitchKind && pictureOf(thing) ? (
                  <StitchStrip drawing={pictureOf(thing)!} width={278} height={96} />
                ) : (
                  <ThingPicture thing={{ ...thing, properties: edited.properties as Thing['properties'] }} />
                )}
                <Stock thing={thing} />
              </section>
            )
          )}
          {thing.kind === 'cloth' && <NearestThreads cloth={thing} />}
          {['machine', 'foot', 'needle'].includes(thing.kind) && (
            <TriedNotes thing={thing} tried={tried} things={things} />
          )}
          <button
            type="button"
            className="btn quiet justify-self-start"
            onClick={() => void remove(thing).then(() => navigate(`/supplies/${kind.name}`))}
          >
            <Trash2 size={17} aria-hidden /> Delete from supplies
          </button>
        </aside>
      </div>
    </>
  );
}

function Stock({ thing }: { thing: Thing }) {
  const left = thing.understood.lengthLeft;
  const wide = thing.understood.usableWidth;
  if (!left && !wide) return null;
  return (
    <p className="text-center">
      {wide && (
        <span className="block text-soft">
          <Measure text={wide.text} /> between the selvedges
        </span>
      )}
      {left && (
        <span className="fig text-2xl">
          <Measure text={left.text} /> left
        </span>
      )}
    </p>
  );
}
