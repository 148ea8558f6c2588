import { useEffect, useState } from 'react';
import type { Plan } from '../../api/types';
import { Measure } from '../Measure';
import { answerId, sizeOf } from './ToCut';

/** On a narrow screen: what to cut or set, at the foot wherever the answer itself is out of sight, and while something is typed. */
export function InSight({ answer, isOld }: { answer: Plan | null; isOld: boolean }) {
  const piece = answer?.pieces[0];
  const fact = answer?.facts[0];
  const isSeen = useIsSeen(answerId, Boolean(answer));
  if (!piece && !fact) return null;
  const size = piece && sizeOf(piece);
  return (
    <p
      className={`in-sight no-print lg:!hidden ${isSeen ? 'is-seen' : ''} ${isOld ? 'opacity-80' : ''}`}
      aria-hidden
    >
      <span>{piece ? piece.name : fact!.name}</span>
      <span className="fig text-2xl">
        {piece ? (
          <>
            {piece.count > 1 && `${piece.count} of `}
            <Measure text={size!.figures} /> {size!.unit}
          </>
        ) : (
          <Measure text={fact!.text} />
        )}
      </span>
    </p>
  );
}

/** Whether any of an element is on the screen. */
function useIsSeen(id: string, isThere: boolean): boolean {
  const [isSeen, setSeen] = useState(false);
  useEffect(() => {
    const element = document.getElementById(id);
    if (!element || typeof IntersectionObserver === 'undefined') return;
    const observer = new IntersectionObserver((seen) => setSeen(seen.at(-1)!.isIntersecting), {
      rootMargin: '-10% 0px -20%',
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [id, isThere]);
  return isSeen;
}
