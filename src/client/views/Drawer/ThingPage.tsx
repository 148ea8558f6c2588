import { useQuery } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, post, value } from '../../api/http';
import type { Drawing, ThingKind, Units } from '../../api/types';
import { useDrawer, useDrawerChanges, useKinds, type Thing, type Tried } from '../../app/drawer';
import { PageHead } from '../../app/PageHead';
import { useUnits } from '../../app/workroom';
import { FootSole } from '../../drawing/FootSole';
import { Measure } from '../../parts/Measure';
import { PropertyField } from '../../parts/PropertyField';
import { DrawerRooms } from './Drawer';
import { Dial, ThingPicture } from './ThingPicture';
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
        <h1 className="text-2xl">This is not in the drawer any more</h1>
        <p className="my-3">It was taken out, perhaps at another seat. An undo brings it back.</p>
        <Link className="btn" to="/drawer">
          To the drawer
        </Link>
      </div>
    );
  if (!thing || !kind) return <p className="p-8 text-soft">Opening…</p>;
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
        crumb={<Link to={`/drawer/${kind.name}`}>{kind.plural}</Link>}
      />
      <DrawerRooms here="things" />
      <div className="grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 content-start gap-5">
          {thing.kind === 'foot' && (
            <FootBench properties={edited.properties} units={units} set={edited.set} label={label} />
          )}
          <section
            className="grid gap-x-5 gap-y-4 sm:grid-cols-2 xl:grid-cols-3"
            aria-label="What is known of it"
          >
            {kind.fields.map((field) => (
              <div key={field.name} className={field.kind === 'choices' ? 'sm:col-span-2 xl:col-span-3' : ''}>
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
        </div>
        <aside className="grid content-start gap-4">
          {thing.kind === 'machine' ? (
            <section className="sheet grid justify-items-center gap-2 text-center" aria-label="Its dial">
              <Dial thing={{ ...thing, properties: edited.properties as Thing['properties'] }} size={168} />
              <p className="text-sm text-soft">
                {edited.properties.normalTension === undefined
                  ? 'A dial without figures: cards say how much looser or tighter.'
                  : 'The ringed figure is this machine’s normal: what it sews ordinary seams at.'}
              </p>
            </section>
          ) : (
            thing.kind !== 'foot' && (
              <section className="sheet grid justify-items-center gap-2">
                <ThingPicture thing={{ ...thing, properties: edited.properties as Thing['properties'] }} />
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
            onClick={() => void remove(thing).then(() => navigate(`/drawer/${kind.name}`))}
          >
            <Trash2 size={17} aria-hidden /> Take it out of the drawer
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

/** The sole to scale: edges, opening and grooves are pulled; the swing of a stitch is drawn in. */
function FootBench({
  properties,
  units,
  set,
  label,
}: {
  properties: Record<string, unknown>;
  units: Units;
  set: (field: string, value: unknown) => void;
  label: (field: string) => string;
}) {
  const [swing, setSwing] = useState(5);
  const ask = { ...properties, swing };
  const drawing = useQuery({
    queryKey: ['sole', ask, units],
    placeholderData: (last) => last,
    retry: false,
    queryFn: () => post<Drawing>('drawer/foot/drawing', ask, { units }),
  }).data;
  return (
    <section className="sheet" aria-label="The sole, from below">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2>The sole, from below</h2>
        <p className="text-sm text-soft">
          Pull the dots, or step them with the arrow keys. Dashed: not known.
        </p>
      </div>
      <div className="grid place-items-center overflow-x-auto py-3">
        {drawing && (
          <FootSole
            drawing={drawing}
            scale={Math.min(11, (Math.min(innerWidth, 760) - 150) / drawing.width)}
            pull={(field, mm) => set(field, `${mm} mm`)}
            label={label}
          />
        )}
      </div>
      <label className="flex flex-wrap items-center gap-3 text-sm text-soft">
        The needle swings {swing} mm here
        <input
          type="range"
          className="min-h-11 w-56"
          min={0}
          max={9}
          step={0.5}
          value={swing}
          onChange={(e) => setSwing(Number(e.target.value))}
        />
      </label>
    </section>
  );
}

/** Which owned threads disappear in this cloth. */
function NearestThreads({ cloth }: { cloth: Thing }) {
  const near = useQuery({
    queryKey: ['nearest', cloth.id, cloth.version],
    enabled: Boolean(cloth.properties.colour),
    queryFn: () => value(api.GET('/api/drawer/nearest-threads', { params: { query: { cloth: cloth.id } } })),
  }).data;
  if (!near?.length) return null;
  return (
    <section className="sheet" aria-label="Nearest threads">
      <h2>Nearest threads</h2>
      <ul className="mt-2 grid gap-2">
        {near.slice(0, 4).map((thread) => (
          <li key={thread.id} className="grid grid-cols-[44px_1fr_auto] items-center gap-3">
            <svg width={44} height={28} aria-hidden>
              <rect width={44} height={28} rx={4} fill={cloth.properties.colour as unknown as string} />
              <path d="M4 14H40" stroke={thread.colour} strokeWidth={5} strokeDasharray="9 3" />
            </svg>
            <Link to={`/drawer/thing/${thread.id}`}>{thread.name}</Link>
            <b className="text-sm">{thread.seen}</b>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What was tried with this thing: it counts for more than any sum. */
function TriedNotes({ thing, tried, things }: { thing: Thing; tried: Tried[]; things: Thing[] }) {
  const { note, forget } = useDrawerChanges();
  const mine = tried.filter((t) => [t.machine, t.foot, t.needle].includes(thing.id));
  const nameOf = (id: string | null | undefined) => things.find((t) => t.id === id)?.name ?? '';
  const other = thing.kind === 'machine' ? 'foot' : 'machine';
  const [choice, setChoice] = useState('');
  const [width, setWidth] = useState('');
  const say = (clears: boolean) =>
    void note({
      machine: thing.kind === 'machine' ? thing.id : choice,
      foot: thing.kind === 'machine' ? choice : thing.id,
      needle: null,
      clears,
      width: Number(width) || null,
    });
  return (
    <section className="sheet" aria-label="What was tried">
      <h2>What was tried</h2>
      {mine.length === 0 && (
        <p className="mt-1 text-sm text-soft">
          Nothing yet. Turn the wheel by hand through one stitch, then note what you saw: it counts for more
          than any sum.
        </p>
      )}
      <ul className="mt-1 grid gap-1">
        {mine.map((t) => (
          <li key={t.id} className="flex items-start gap-2 border-t border-rule py-1.5 first:border-0">
            <span className="flex-1 text-[0.95rem]">
              <b>{t.clears ? '✓ clears' : '✕ strikes'}</b>{' '}
              {[t.machine, t.foot, t.needle]
                .filter((id) => id && id !== thing.id)
                .map(nameOf)
                .join(', ')}
              {t.width > 0 && `, ${t.width} mm wide`}
              <span className="block text-sm text-soft">
                {t.on}
                {t.note && `: ${t.note}`}
              </span>
            </span>
            <button
              type="button"
              className="grid h-11 w-11 place-items-center rounded-lg"
              aria-label={`Take away the note of ${t.on}`}
              onClick={() => void forget(t)}
            >
              <Trash2 size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {thing.kind !== 'needle' && (
        <div className="mt-2 grid gap-2 border-t border-rule pt-3">
          <div className="grid grid-cols-[1fr_5.5rem] gap-2">
            <label className="field">
              {other === 'foot' ? 'With the foot' : 'On the machine'}
              <select className="entry" value={choice} onChange={(e) => setChoice(e.target.value)}>
                <option value="">choose</option>
                {things
                  .filter((t) => t.kind === other)
                  .map((t) => (
                    <option key={t.id} value={t.id}>
                      {t.name}
                    </option>
                  ))}
              </select>
            </label>
            <label className="field">
              Width, mm
              <input
                className="entry"
                inputMode="decimal"
                value={width}
                placeholder="straight"
                onChange={(e) => setWidth(e.target.value.replace(',', '.'))}
              />
            </label>
          </div>
          <div className="flex gap-2">
            <button type="button" className="btn flex-1" disabled={!choice} onClick={() => say(true)}>
              It clears
            </button>
            <button type="button" className="btn quiet flex-1" disabled={!choice} onClick={() => say(false)}>
              It strikes
            </button>
          </div>
        </div>
      )}
    </section>
  );
}
