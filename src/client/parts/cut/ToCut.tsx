import type { ReactNode } from 'react';
import type { Cure, Length, Plan, Technique } from '../../api/types';
import { Findings } from '../Findings';
import { Facts } from '../Facts';
import { Measure } from '../Measure';

type Props = {
  answer: Plan;
  technique: Technique;
  isOld?: boolean;
  /** Does what a finding's remedy says. */
  use?: (cure: Cure) => void;
  children?: ReactNode;
};

/** Where the answer stands on the page. */
export const answerId = 'answer';

/** The biggest figures on the screen: what to cut. */
export function ToCut({ answer, technique, isOld, use, children }: Props) {
  // Of a piece that is there nothing is cut, and nothing taken.
  const isCut = technique.stages.some((s) => s.name === 'cut');
  const title = isCut ? 'To cut' : answer.pieces.length ? 'You need' : 'Results';
  return (
    <section
      id={answerId}
      className={`tacked ${isOld ? 'opacity-85' : ''}`}
      aria-label={title}
      aria-live="polite"
    >
      <h2 className="text-soft">{isOld ? 'Previous result, until the entry is corrected' : title}</h2>
      {answer.pieces.length > most && <ManyPieces pieces={answer.pieces} />}
      {(answer.pieces.length > most ? [] : answer.pieces).map((piece) => {
        const of = sizeOf(piece);
        return (
          <div key={piece.key} className="mb-3">
            <p className="flex items-baseline gap-2">
              <span className="fig text-[2.9rem]">{piece.count}</span>
              <span className="text-soft">
                {piece.name}
                {piece.count > 1 ? ', each' : ''}
              </span>
            </p>
            <p className="flex flex-wrap items-baseline gap-x-2">
              <span className={`fig ${of.figures.length > 15 ? 'text-[1.9rem]' : 'text-[2.6rem]'}`}>
                <Measure text={of.figures} />
              </span>
              <span className="text-soft">{of.unit}</span>
            </p>
          </div>
        );
      })}
      <Facts of={answer.facts} />
      {answer.changedBySwatches && (
        <p className="noted mt-3 text-[0.95rem]">
          Changed by your swatches: {answer.changedBySwatches.name.toLowerCase()}{' '}
          <b>
            <Measure text={answer.changedBySwatches.text} />
          </b>
        </p>
      )}
      <div className="mt-4">
        <Findings findings={answer.findings} use={use} />
      </div>
      {children}
    </section>
  );
}

/** Of more pieces than this each is a line. */
const most = 3;

/** Many pieces, a line each: how many, what, how large. */
function ManyPieces({ pieces }: { pieces: Plan['pieces'] }) {
  return (
    <ul className="mb-3 grid gap-1">
      {pieces.map((piece) => {
        const of = sizeOf(piece);
        return (
          <li key={piece.key} className="flex items-baseline gap-2">
            <span className="fig text-xl">{piece.count}</span>
            <span className="min-w-0 flex-1 text-soft">{piece.name}</span>
            <span className="fig text-xl whitespace-nowrap">
              <Measure text={of.figures} /> <span className="text-base text-soft">{of.unit}</span>
            </span>
          </li>
        );
      })}
    </ul>
  );
}

/** The figures of a size with one unit where they share it: 117 × 31.5 cm. */
export function sizeOf({ length, depth }: { length: Length; depth?: Length }) {
  if (!depth) return { figures: length.text, unit: '' };
  const [a, unitA] = split(length.text);
  const [b, unitB] = split(depth.text);
  if (unitA === unitB && !length.text.includes('yd')) return { figures: `${a} × ${b}`, unit: unitA };
  const [inA, inB] = [centimetres[unitA], centimetres[unitB]];
  if (!inA || !inB) return { figures: `${length.text} × ${depth.text}`, unit: '' };
  const said = (figure: string, times: number) => String(Math.round(Number(figure) * times * 1000) / 1000);
  return { figures: `${said(a, inA)} × ${said(b, inB)}`, unit: 'cm' };
}

/** In each. */
const centimetres: Record<string, number> = { mm: 0.1, cm: 1, m: 100 };

function split(text: string): [string, string] {
  const place = text.lastIndexOf(' ');
  return [text.slice(0, place), text.slice(place + 1)];
}
