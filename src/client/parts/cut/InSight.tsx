import type { Plan } from '../../api/types';
import { Measure } from '../Measure';
import { sizeOf } from './ToCut';

/** On a narrow screen: what to cut or set, at the foot while something is typed. */
export function InSight({ answer, isOld }: { answer: Plan | null; isOld: boolean }) {
  const piece = answer?.pieces[0];
  const fact = answer?.facts[0];
  if (!piece && !fact) return null;
  const size = piece && sizeOf(piece);
  return (
    <p className={`in-sight no-print lg:!hidden ${isOld ? 'opacity-80' : ''}`} aria-hidden>
      <span>{piece ? piece.name : fact!.name}</span>
      <span className="fig text-2xl">
        {piece ? (
          <>
            {piece.count} × <Measure text={size!.figures} /> {size!.unit}
          </>
        ) : (
          <Measure text={fact!.text} />
        )}
      </span>
    </p>
  );
}
