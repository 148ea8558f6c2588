import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { api, value } from '../../api/http';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import { useUnits } from '../../app/workroom';
import { Measure } from '../Measure';

/** Ways of doing one piece side by side; choosing one lays the others aside. */
export function Ways({
  of,
  here,
  another,
}: {
  of: string;
  /** The way that is open. */
  here?: string;
  /** Begins another way. */
  another?: ReactNode;
}) {
  const units = useUnits();
  const queries = useQueryClient();
  const turn = useTurn();
  const ways = useQuery({
    queryKey: ['bench', 'ways', of, units],
    queryFn: () =>
      value(api.GET('/api/workings/{id}/ways', { params: { path: { id: of }, query: { units } } })),
  }).data;
  if (!ways || (ways.length < 2 && !another)) return null;
  if (ways.length < 2) return <div className="no-print">{another}</div>;
  const choose = async (id: string, name: string) => {
    await keeping(value(api.POST('/api/workings/{id}/choose', { params: { path: { id } } })));
    await queries.invalidateQueries();
    notify({
      says: `“${name}” chosen. The other options are kept but not used.`,
      action: { label: 'Undo', run: () => void turn('undo') },
    });
  };
  const isChosen = ways.some((w) => w.isAside);
  return (
    <section className="sheet no-print relative overflow-x-auto" aria-label="Options for this part">
      <h2>Options for this part</h2>
      <table className="mt-2 w-full text-[0.95rem]">
        <thead className="text-left text-soft">
          <tr>
            {['Option', 'Fabric', 'Time', 'Evenness', 'Adjustable later?', 'Uses', ''].map((head) => (
              <th key={head} scope="col" className="pr-4 font-semibold">
                {head || <span className="sr-only">Choose</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ways.map((way) => (
            <tr key={way.id} className={`border-t border-rule align-top ${way.isAside ? 'text-soft' : ''}`}>
              <th scope="row" className="py-2 pr-4 text-left">
                {way.id === here ? way.name : <Link to={`/parts/${way.id}`}>{way.name}</Link>}
                <span className="block text-sm font-normal text-soft">{way.technique}</span>
              </th>
              <td className="py-2 pr-4 whitespace-nowrap">
                <b>{way.cloth ? <Measure text={way.cloth.text} /> : '–'}</b>
              </td>
              <td className="py-2 pr-4 whitespace-nowrap">
                {way.minutes == null ? '–' : `${way.minutes} min`}
              </td>
              <td className="py-2 pr-4">{way.evenness}</td>
              <td className="py-2 pr-4">{way.isAdjustable ? 'adjustable' : 'fixed'}</td>
              <td className="py-2 pr-4">
                {way.takes.map((t) => (
                  <span key={t} className="block whitespace-nowrap">
                    <Measure text={t} />
                  </span>
                ))}
              </td>
              <td className="py-2 text-right">
                {isChosen && !way.isAside ? (
                  <b>chosen</b>
                ) : (
                  <button
                    type="button"
                    className="btn quiet"
                    aria-label={`Choose ${way.name}`}
                    onClick={() => void choose(way.id, way.name)}
                  >
                    Choose
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-soft">
        {isChosen
          ? 'Only the chosen option is used for materials and next steps.'
          : 'Until you choose, the first option is used for the materials list.'}
      </p>
      {another && <div className="mt-3">{another}</div>}
    </section>
  );
}
