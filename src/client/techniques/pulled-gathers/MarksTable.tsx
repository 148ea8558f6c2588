import { Measure } from '../../parts/Measure';
import type { Answer, Ask, Length } from '../../api/types';

/** The marks of both edges, each measured from one end. */
export const marksOf = (answer: Answer) =>
  (answer as Answer & { marks: { fromCutEnd: Length; edge: Length }[] }).marks;

/** The marks as a table, beside the drawings. */
export function MarksTable({ answer, ask }: { answer: Answer; ask: Ask }) {
  return (
    <section>
      <h2>Gathering marks, all measured from one end</h2>
      <p className="text-sm text-soft">
        {ask.closed === true
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
              Mark on strip at
            </th>
            <th scope="col" className="text-right">
              on the other edge at
            </th>
          </tr>
        </thead>
        <tbody>
          {marksOf(answer).map((mark, k) => (
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
