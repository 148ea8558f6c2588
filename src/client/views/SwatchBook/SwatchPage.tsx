import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, ifMatch, Refused, value } from '../../api/http';
import type { Cloth } from '../../api/types';
import { useDrawer } from '../../app/drawer';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import { PageHead } from '../../app/PageHead';
import { useTechnique, useTechniques } from '../../app/useTechnique';
import { useUnits } from '../../app/workroom';
import { ThingSelect } from '../../parts/ThingSelect';
import { lookOf } from '../../parts/ask/FromDrawer';
import { SwatchCard } from '../../parts/swatch/SwatchCard';
import type { SwatchChange } from '../../parts/swatch/useSwatches';

/** A swatch that stands by itself: what it was sewn with, its readings, its looks. */
export function SwatchPage() {
  const { id = '' } = useParams();
  const units = useUnits();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const turn = useTurn();
  const queue = useRef(Promise.resolve());
  const drawer = useDrawer().data;
  const key = ['book', 'one', id, units];
  const found = useQuery({
    queryKey: key,
    queryFn: () => value(api.GET('/api/swatches/beside', { params: { query: { id: [id], units } } })),
  });
  const book = found.data?.[0];
  const name = book?.swatch.technique ?? '';
  const techniques = useTechniques().data;
  const isWorked = techniques?.some((t) => t.name === name);
  const technique = useTechnique(isWorked ? name : techniques?.[0]?.name).data;
  if (found.data && !book) {
    return (
      <div className="tacked mx-auto mt-16 max-w-lg">
        <h1 className="text-2xl">This swatch was deleted</h1>
        <p className="my-3">It was deleted, perhaps at another device. An undo brings it back.</p>
        <Link className="btn" to="/swatches">
          Back to Swatches
        </Link>
      </div>
    );
  }
  if (!book || !technique) return <p className="p-8 text-soft">Opening…</p>;
  const { swatch } = book;

  // One after the other, so that each knows the version the last one left.
  const change = (_: string, parts: SwatchChange) => {
    let wrong: Record<string, string[]> = {};
    const send = async (): Promise<void> => {
      const row = queries.getQueryData<(typeof found)['data']>(key)?.[0]?.swatch;
      if (!row) return;
      try {
        await keeping(
          value(
            api.PATCH('/api/swatches/{id}', {
              params: { path: { id }, query: { units } },
              headers: ifMatch(row.version),
              body: parts as never,
            }),
          ),
        );
      } catch (error) {
        wrong = (error instanceof Refused && error.problem.errors) || {
          [Object.keys(parts)[0]!]: ['Not saved. Click out of the field to try again.'],
        };
      }
      await Promise.all(
        [['book'], ['history'], ['plot']].map((queryKey) => queries.invalidateQueries({ queryKey })),
      );
    };
    queue.current = queue.current.then(send, send);
    return queue.current.then(() => wrong);
  };
  const remove = async () => {
    await keeping(api.DELETE('/api/swatches/{id}', { params: { path: { id } } }));
    await queries.invalidateQueries();
    notify({ says: 'Swatch deleted.', action: { label: 'Undo', run: () => void turn('undo') } });
    await navigate('/swatches');
  };
  const uses = swatch.uses as Record<string, string>;
  const use = (kind: string, thing: string) => {
    const is = drawer?.things.find((t) => t.id === thing);
    const { weight } = (is?.properties ?? {}) as Record<string, never>;
    void change(id, {
      uses: { ...uses, [kind]: thing || null } as never,
      ...(kind === 'cloth' && is
        ? {
            cloth: lookOf(is) as never,
            ...(weight === undefined ? {} : { features: { clothWeight: Number(weight) } }),
          }
        : {}),
    });
  };
  return (
    <>
      <PageHead
        title="Swatch not linked to a project"
        crumb={
          <>
            <Link to="/swatches">Swatches</Link>
          </>
        }
      />
      <div className="mt-4 grid gap-5 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <ol className="grid max-w-xl">
          <SwatchCard
            number={1}
            title="Swatch"
            swatch={swatch}
            before={undefined}
            isFresh={Object.keys(swatch.readings).length === 0}
            tried={[]}
            technique={technique}
            ask={{}}
            cloth={swatch.cloth as Cloth}
            units={units}
            change={change}
            remove={() => void remove()}
            photographs={book.photographs}
          />
        </ol>
        <aside className="grid content-start gap-3">
          <section className="sheet grid gap-3" aria-label="Sew with">
            <h2>Sew with</h2>
            <label className="field">
              Technique
              <select
                className="entry"
                value={swatch.technique}
                onChange={(e) => void change(id, { technique: e.target.value })}
              >
                {techniques?.map((t) => (
                  <option key={t.name} value={t.name}>
                    {t.short}
                  </option>
                ))}
              </select>
            </label>
            <ThingSelect
              kind="machine"
              className=""
              value={uses.machine ?? ''}
              set={(t) => use('machine', t)}
            />
            <ThingSelect
              kind="foot"
              label="Foot"
              className=""
              value={uses.foot ?? ''}
              set={(t) => use('foot', t)}
            />
            <ThingSelect
              kind="cloth"
              label="Fabric"
              className=""
              value={uses.cloth ?? ''}
              set={(t) => use('cloth', t)}
            />
          </section>
          <p className="noted">
            Counts fully for parts with the same fabric, foot and machine, and half for others.
          </p>
        </aside>
      </div>
    </>
  );
}
