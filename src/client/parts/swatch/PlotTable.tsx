import { said } from './scale';
import type { Learnt, PlotPoint } from './usePlot';

/** The same as a table. */
export function PlotTable({ learnt, points }: { learnt: Learnt; points: PlotPoint[] }) {
  const { quantity, planned } = learnt;
  const hasFeet = points.some((p) => p.foot);
  return (
    <details className="min-w-0 text-[0.92rem]">
      <summary className="flex min-h-11 items-center text-soft">Show as a table</summary>
      {/* What scrolls has to be reachable by key. */}
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex */}
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="The plot as a table">
        <table className="w-full min-w-[34rem]">
          <caption className="sr-only">
            {quantity.title} of each swatch{planned ? ', and what the others predict for it' : ''}
          </caption>
          <thead className="text-left text-soft">
            <tr>
              <th scope="col">Settings</th>
              <th scope="col">Fabric</th>
              {hasFeet && <th scope="col">Foot</th>}
              <th scope="col" className="text-right">
                {quantity.title}
              </th>
              {planned && (
                <>
                  <th scope="col" className="text-right">
                    expected from the others
                  </th>
                  <th scope="col" className="text-right">
                    deviations
                  </th>
                </>
              )}
            </tr>
          </thead>
          <tbody>
            {points.map((p) => (
              <tr key={p.id} className="border-t border-rule">
                <td className="py-1">{p.settings}</td>
                <td>{p.cloth}</td>
                {hasFeet && <td>{p.foot}</td>}
                <td className="text-right font-bold">{said(p.value, quantity)}</td>
                {planned && (
                  <>
                    <td className="text-right">{p.expected != null && said(p.expected, quantity)}</td>
                    <td className="text-right">
                      {p.deviations?.toFixed(1)}
                      {p.isOdd ? ' odd' : ''}
                    </td>
                  </>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
