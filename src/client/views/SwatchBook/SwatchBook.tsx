import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, value } from '../../api/http';
import type { components } from '../../api/schema';
import { useAddress } from '../../app/address';
import { PageHead } from '../../app/PageHead';
import { useUnits } from '../../app/workroom';
import { CsvTray } from '../../parts/CsvTray';
import { Plot } from '../../parts/swatch/Plot';
import { AddAlone } from './AddAlone';
import { Beside } from './Beside';
import { filterIn, filters } from './filter';
import { Filters } from './Filters';
import { SwatchTile } from './SwatchTile';

/** As many swatches can be laid side by side. */
const mostBeside = 4;

/** The swatch book: all swatches, filtered, laid side by side, and plotted against what is predicted. */
export function SwatchBook() {
  const units = useUnits();
  const navigate = useNavigate();
  const { address, set, replace } = useAddress();
  const [x, setX] = useState('stitchLength');
  const filter = filterIn(address);
  const beside = address.get('beside')?.split(',').filter(Boolean) ?? [];
  const pages = useInfiniteQuery({
    queryKey: ['book', 'pages', filter, units],
    initialPageParam: undefined as string | undefined,
    placeholderData: keepPreviousData,
    queryFn: ({ pageParam: cursor }): Promise<components['schemas']['BookPage']> =>
      value(api.GET('/api/swatches', { params: { query: { ...filter, cursor, units } } })),
    getNextPageParam: (page) => page.next ?? undefined,
  });
  const facets = useQuery({
    queryKey: ['book', 'facets'],
    queryFn: () => value(api.GET('/api/swatches/facets')),
  }).data;
  const plot = useQuery({
    queryKey: ['book', 'plot', filter, x],
    placeholderData: (last) => last,
    queryFn: () => value(api.GET('/api/swatches/plot', { params: { query: { ...filter, x } } })),
  }).data;
  const swatches = pages.data?.pages.flatMap((p) => p.swatches) ?? [];
  const count = pages.data?.pages[0]?.count ?? 0;
  const isEmpty = pages.isSuccess && count === 0;
  const isFiltered = Object.keys(filter).length > 0;

  const lay = (id: string) => {
    const next = beside.includes(id) ? beside.filter((b) => b !== id) : [...beside, id].slice(-mostBeside);
    set('beside', next.join(','));
  };
  const clear = () => {
    const next = new URLSearchParams(address);
    filters.forEach((f) => next.delete(f));
    replace(next);
  };
  return (
    <>
      <PageHead title="Swatches" crumb="all your test swatches: settings and results" />
      <div className="mt-4 grid gap-5">
        {pages.error && (
          <p className="care">
            <b>Swatches cannot be shown: {pages.error.message}</b> They will reappear when the program
            responds.
          </p>
        )}
        {isEmpty && !isFiltered ? (
          <section className="tacked max-w-2xl">
            <h2 className="fig mb-1 text-2xl">No swatch yet</h2>
            <p className="mb-4 text-soft">
              A swatch is a strip that was measured flat, sewn, and measured again. It belongs to a part, or
              stands by itself; each teaches the next.
            </p>
            <div className="flex flex-wrap items-center gap-3">
              <AddAlone />
              <CsvTray at="/api/swatches/csv" one="swatch" many="swatches" />
            </div>
          </section>
        ) : (
          <>
            {facets && (
              <Filters facets={facets} filter={filter} set={set} clear={isFiltered ? clear : undefined} />
            )}
            {beside.length > 0 && <Beside ids={beside} take={lay} clear={() => set('beside', '')} />}
            <div className="grid items-start gap-5 xl:grid-cols-[minmax(0,1fr)_minmax(0,30rem)]">
              <section className="grid min-w-0 gap-3" aria-label="Swatches">
                <div className="flex flex-wrap items-center gap-x-3">
                  <h2 className="flex-1" aria-live="polite">
                    {count} {count === 1 ? 'swatch' : 'swatches'}
                    {isFiltered ? ' match' : ''}
                  </h2>
                  <CsvTray at="/api/swatches/csv" query={filter} one="swatch" many="swatches" />
                  <AddAlone />
                </div>
                {isEmpty && (
                  <p className="sheet">
                    No swatches match.{' '}
                    <button type="button" className="btn bare" onClick={clear}>
                      Clear filters
                    </button>
                  </p>
                )}
                <ul className="grid gap-2">
                  {swatches.map((s) => (
                    <SwatchTile
                      key={s.swatch.id}
                      book={s}
                      isBeside={beside.includes(s.swatch.id)}
                      lay={() => lay(s.swatch.id)}
                    />
                  ))}
                </ul>
                {pages.hasNextPage && (
                  <button
                    type="button"
                    className="btn quiet justify-self-start"
                    onClick={() => void pages.fetchNextPage()}
                  >
                    Show older swatches
                  </button>
                )}
              </section>
              {plot?.learnt && (
                <div className="order-first min-w-0 xl:sticky xl:top-4 xl:order-none">
                  <Plot
                    learnt={plot.learnt}
                    title={plot.techniqueTitle}
                    setX={setX}
                    mark="as the newest was set"
                    open={(id) => void navigate(pathOf(swatches, id))}
                  />
                </div>
              )}
            </div>
          </>
        )}
      </div>
    </>
  );
}

/** Where a swatch is worked on: in its working, or by itself. */
function pathOf(swatches: { swatch: { id: string; workingId: string | null } }[], id: string) {
  const working = swatches.find((s) => s.swatch.id === id)?.swatch.workingId;
  return working ? `/parts/${working}/sample` : `/swatches/${id}`;
}
