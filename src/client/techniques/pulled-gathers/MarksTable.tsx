import { Measure } from '../../parts/Measure';
import type { Gathers } from './answer';

/** The marks of both edges, each measured from one end. */
export function MarksTable({ answer, closed }: { answer: Gathers; closed: boolean }) {
  return (
    <section>
      <h2>Marks, all measured from the same end</h2>
      <p className="text-sm text-soft">
        {closed
          ? 'On the ring from a join; the last mark falls on the first.'
          : 'On the strip from its cut end: the first mark is where the gathers begin.'}
      </p>
      <table className="mt-2 w-full max-w-xl border-collapse">
        <thead className="text-left text-sm text-soft">
          <tr>
            <th scope="col" className="w-16 py-1">
              Mark
            </th>
            <th scope="col" className="text-right">
              On the strip
            </th>
            <th scope="col" className="text-right">
              On the plain edge
            </th>
          </tr>
        </thead>
        <tbody>
          {answer.marks.map((mark, k) => (
            <tr key={k} className="border-t border-rule">
              <th scope="row" className="py-1 text-left font-semibold">
                <span className="text-tacking" aria-hidden>
                  ▾{' '}
                </span>
                {k}
              </th>
              <td className="text-right text-lg font-semibold">
                <Measure text={mark.fromCutEnd.text} />
              </td>
              <td className="text-right text-lg font-semibold">
                <Measure text={mark.edge.text} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
