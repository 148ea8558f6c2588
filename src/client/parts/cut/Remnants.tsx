import type { Plan } from '../../api/types';
import { useDrawer } from '../../app/drawer';
import { Measure } from '../Measure';

/** What is smaller than this both ways is cut from what is left over, in mm. */
const small = 500;

/** For small pieces, what lies in the drawer and holds them: the smallest first, so that no length is cut into. */
export function Remnants({ answer }: { answer: Plan }) {
  const cloths = useDrawer().data?.things.filter((t) => t.kind === 'cloth') ?? [];
  const pieces = answer.pieces.filter(
    (p) => p.of === 'cloth' && p.length.mm <= small && (p.depth?.mm ?? 0) <= small,
  );
  if (pieces.length === 0) return null;
  // Turned by a quarter the grain would run across: width stays width.
  const wide = Math.max(...pieces.map((p) => p.length.mm));
  const long = Math.max(...pieces.map((p) => p.depth?.mm ?? 0));
  const holding = cloths
    .map((t) => ({ ...t, width: t.understood.usableWidth, left: t.understood.lengthLeft }))
    .filter((t) => t.width && t.left && t.width.mm >= wide && t.left.mm >= long)
    .sort((a, b) => a.width!.mm * a.left!.mm - b.width!.mm * b.left!.mm)
    .slice(0, 4);
  return (
    <section className="sheet" aria-label="From your offcuts">
      <h2>From your offcuts</h2>
      {holding.length === 0 ? (
        <p className="text-soft">None of your recorded fabrics is big enough.</p>
      ) : (
        <>
          <p className="text-[0.92rem] text-soft">Any of these is big enough, smallest first.</p>
          <ul className="mt-1 grid gap-1">
            {holding.map((t) => (
              <li key={t.id} className="flex flex-wrap items-baseline justify-between gap-x-3">
                <span>{t.name}</span>
                <span className="fig whitespace-nowrap">
                  <Measure text={`${t.width!.text} × ${t.left!.text}`} />
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
