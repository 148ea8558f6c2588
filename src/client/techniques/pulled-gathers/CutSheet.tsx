import { Measure } from '../../parts/Measure';
import type { EditedWorking } from '../../views/Working/useWorking';
import { size, type Gathers } from './answer';

/** The cut list and the marks on one sheet of paper, black on white. */
export function CutSheet({ answer, working }: { answer: Gathers; working: EditedWorking }) {
  const strip = size(answer.stripLength, answer.cutDepth);
  const marks = answer.marks.map((mark, k) => ({ ...mark, k }));
  const columns = marks.length > 34 ? 3 : marks.length > 10 ? 2 : 1;
  const perColumn = Math.ceil(marks.length / columns);
  const layout = answer.drawings?.find((d) => d.name === 'layout');
  return (
    <article className="print-only" data-testid="cut-sheet">
      <h1 className="text-2xl">{working.name}</h1>
      <p>
        {working.cloth.name ? `${working.cloth.name}, ` : ''}
        {String(working.ask.clothWidth)} usable, cut {String(working.ask.cut)}
      </p>
      <p className="mt-2 text-3xl font-bold">
        {answer.stripCount} {answer.stripCount === 1 ? 'strip' : 'strips, each'}{' '}
        <Measure text={strip.figures} /> {strip.unit}
      </p>
      <p className="my-1">
        Cloth{' '}
        <b>
          <Measure text={answer.clothToBuy.text} />
        </b>{' '}
        · flat edge{' '}
        <b>
          <Measure text={answer.sewnFlat.text} />
        </b>{' '}
        · fullness <b>{answer.achievedFullness.toFixed(2)}</b> · rows{' '}
        <b>{answer.rowOffsets.map((o) => o.text).join(', ')}</b> from the raw edge · seam{' '}
        <b>{String(working.ask.seamAllowance)}</b> · strong thread{' '}
        <b>
          {answer.rowOffsets.length} × <Measure text={answer.threadPerRow.text} />
        </b>
      </p>
      {layout && <LayoutInk drawing={layout} />}
      <h2 className="mt-2">
        Marks, all from the same end
        {working.ask.closed === true ? ' (a join)' : ' (the cut end of the strip)'}
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
    </article>
  );
}

/** The strips on the cloth in black lines, small, for paper. */
function LayoutInk({ drawing }: { drawing: NonNullable<Gathers['drawings']>[number] }) {
  const scale = Math.min(640 / drawing.width, 190 / drawing.height);
  return (
    <svg
      width={drawing.width * scale + 2}
      height={drawing.height * scale + 2}
      className="my-2 block"
      role="img"
      aria-label={drawing.says}
    >
      {drawing.shapes.map((shape, i) =>
        shape.kind === 'cloth' ? (
          <g key={i}>
            <rect
              x={shape.at[0] * scale + 1}
              y={shape.at[1] * scale + 1}
              width={(shape.to[0] - shape.at[0]) * scale}
              height={(shape.to[1] - shape.at[1]) * scale}
              fill="none"
              stroke="#000"
              strokeDasharray={shape.role === 'leftOver' ? '2 3' : undefined}
            />
            {/* In a strip thinner than its letters, the lines would run through them. */}
            {(shape.to[1] - shape.at[1]) * scale > 14 && (
              <text
                x={((shape.at[0] + shape.to[0]) / 2) * scale}
                y={((shape.at[1] + shape.to[1]) / 2) * scale + 4}
                textAnchor="middle"
                fontSize={11}
              >
                {shape.label}
              </text>
            )}
          </g>
        ) : null,
      )}
    </svg>
  );
}
