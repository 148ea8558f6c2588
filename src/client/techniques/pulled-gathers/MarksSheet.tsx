import type { Answer, Ask } from '../../api/types';
import { Measure } from '../../parts/Measure';
import { marksOf } from './MarksTable';

/** The marks on paper, in as many columns as they need. */
export function MarksSheet({ answer, ask }: { answer: Answer; ask: Ask }) {
  const marks = marksOf(answer).map((mark, k) => ({ ...mark, k }));
  const columns = marks.length > 34 ? 3 : marks.length > 10 ? 2 : 1;
  const perColumn = Math.ceil(marks.length / columns);
  return (
    <>
      <h2 className="mt-2">
        Marks, all from the same end
        {ask.closed === true ? ' (a join)' : ' (the cut end of the strip)'}
      </h2>
      <div className="flex gap-8">
        {Array.from({ length: columns }, (_, c) => (
          <table key={c} className="flex-1 self-start">
            <thead>
              <tr className="text-left">
                <th>mark</th>
                <th className="text-right">strip</th>
                <th className="text-right">plain edge</th>
              </tr>
            </thead>
            <tbody>
              {marks.slice(c * perColumn, (c + 1) * perColumn).map((m) => (
                <tr key={m.k} className="border-t border-rule">
                  <td>{m.k}</td>
                  <td className="text-right">
                    <Measure text={m.fromCutEnd.text} />
                  </td>
                  <td className="text-right">
                    <Measure text={m.edge.text} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
      </div>
    </>
  );
}
