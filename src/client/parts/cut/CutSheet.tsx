import type { ReactNode } from 'react';
import type { Drawing, Plan } from '../../api/types';
import type { EditedWorking } from '../../app/useWorking';
import { Measure } from '../Measure';
import { sizeOf } from './ToCut';

type Props = {
  answer: Plan;
  working: EditedWorking;
  /** What only this technique has, such as the places of its marks. */
  children?: ReactNode;
};

/** The cut list on one sheet of paper, black on white. */
export function CutSheet({ answer, working, children }: Props) {
  const layout = answer.drawings?.find((d) =>
    d.shapes.some((s) => s.kind === 'cloth' && s.role === 'length'),
  );
  return (
    <article className="print-only" data-testid="cut-sheet">
      <h1 className="text-2xl">{working.name}</h1>
      <p>{working.cloth.name}</p>
      {answer.pieces.map((piece) => {
        const of = sizeOf(piece);
        return (
          <p key={piece.key} className="mt-2 text-3xl font-bold">
            {piece.count} {piece.name}
            {piece.count > 1 ? ', each' : ','} <Measure text={of.figures} /> {of.unit}
          </p>
        );
      })}
      <p className="my-1">
        {answer.facts.map((fact, i) => (
          <span key={fact.name}>
            {i > 0 && ' · '}
            {fact.name.toLowerCase()}{' '}
            <b>
              <Measure text={fact.text} />
            </b>
          </span>
        ))}
      </p>
      {layout && <LayoutInk drawing={layout} />}
      {children ?? (
        <ol className="mt-3 list-decimal pl-6">
          {answer.steps?.map((step) => (
            <li key={step.key} className="py-0.5">
              <b>{step.title}:</b> <Measure text={step.says} />
            </li>
          ))}
        </ol>
      )}
    </article>
  );
}

/** The pieces on the cloth in black lines, small, for paper. */
function LayoutInk({ drawing }: { drawing: Drawing }) {
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
              x={shape.from[0] * scale + 1}
              y={shape.from[1] * scale + 1}
              width={(shape.to[0] - shape.from[0]) * scale}
              height={(shape.to[1] - shape.from[1]) * scale}
              fill="none"
              stroke="#000"
              strokeDasharray={shape.role === 'leftOver' ? '2 3' : undefined}
            />
            {/* In a strip thinner than its letters, the lines would run through them. */}
            {(shape.to[1] - shape.from[1]) * scale > 14 && (
              <text
                x={((shape.from[0] + shape.to[0]) / 2) * scale}
                y={((shape.from[1] + shape.to[1]) / 2) * scale + 4}
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
