import { usePrinting } from '../../parts/cut/usePrinting';
import { Measure } from '../../parts/Measure';
import type { Fabric } from './useLayout';
import { useTicks } from './useTicks';

/** Every piece in the order of cutting, with where it lies: ticked off one by one at the table. */
export function InOrder({ fabric, isDouble }: { fabric: Fabric; isDouble: boolean }) {
  const [done, tick] = useTicks(fabric);
  const isPrinting = usePrinting();
  const cuts = fabric.layout.cuts;
  return (
    <details className="border-t border-rule" open={isPrinting || undefined}>
      <summary className="min-h-11 content-center font-bold">
        In the order of cutting
        <span className="no-print ml-3 font-normal text-soft">
          {done.size} of {fabric.order.length} cut
        </span>
      </summary>
      <ol className="grid gap-1">
        {fabric.order.map((piece) => (
          <li key={piece.mark}>
            <label className="flex min-h-11 items-center gap-3">
              <input
                type="checkbox"
                className="h-6 w-6 flex-none"
                checked={done.has(piece.mark)}
                onChange={(e) => tick(piece.mark, e.target.checked)}
              />
              <span>
                <b className="fig mr-2">{piece.mark}</b>
                <b>
                  <Measure text={piece.size} />
                </b>{' '}
                {piece.name}
                <span className="block text-[0.9rem] text-soft">
                  {piece.sheet && `${piece.sheet}: `}
                  <Measure text={piece.fromEnd.text} /> from the cut end,{' '}
                  {piece.onFold ? (
                    'its middle on the fold'
                  ) : (
                    <>
                      <Measure text={piece.fromSelvedge.text} /> from the {isDouble ? 'fold' : 'selvedge'}
                      {piece.count > 1 && ', through both layers'}
                    </>
                  )}
                </span>
              </span>
            </label>
          </li>
        ))}
      </ol>
      {cuts && cuts.length > 0 && (
        <>
          <h3 className="mt-3 font-bold">Cuts, each right across what is left</h3>
          <ol className="mt-1 list-decimal pl-8">
            {cuts.map((cut, i) => (
              <li key={i}>
                {cut.way === 'across' ? 'across' : 'along'}, at <Measure text={cut.at.text} /> from the{' '}
                {cut.way === 'across' ? 'cut end' : 'selvedge'}
              </li>
            ))}
          </ol>
        </>
      )}
    </details>
  );
}
