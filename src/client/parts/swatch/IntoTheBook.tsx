import { useState } from 'react';
import type { Ask } from '../../api/types';
import { useDrawer, useDrawerChanges } from '../../app/drawer';
import type { LineSays } from './SwatchLines';

/** What a line of a scrap taught, kept where it serves: in the stitch book, and with the machine’s dials. */
export function IntoTheBook({ line, says, machine }: { line: Ask; says: LineSays; machine?: string }) {
  const things = useDrawer().data?.things ?? [];
  const { adjust } = useDrawerChanges();
  const [isKept, setKept] = useState('');
  const stitch = things.find((t) => t.kind === 'machine-stitch' && t.name === line.name);
  const on = (stitch?.properties as Record<string, string> | undefined)?.onMachine;
  const sewnOn = things.find((t) => t.kind === 'machine' && (machine ? t.id === machine : t.name === on));
  const set = { length: mm(line.length), width: mm(line.width), said: mm(line.said), ten: mm(line.ten) };
  // The book keeps what a repeat is at the usual length.
  const usual = stitch?.understood.length?.mm;
  const repeat =
    says.repeat && (usual && set.length ? (says.repeat.mm * usual) / set.length : says.repeat.mm);
  const knows = stitch?.understood.repeat?.mm;
  const dense = (stitch?.properties as Record<string, unknown> | undefined)?.dense === true;
  const lengths = !dense && set.length && set.said && set.ten;
  const keepInBook = async () => {
    await adjust(stitch!, { repeat: `${round(repeat!)} mm` });
    setKept(`“${stitch!.name}” now says ${round(repeat!)} mm.`);
  };
  const keepForDial = async () => {
    const of = sewnOn!.properties as unknown as Record<string, Ask[] | undefined>;
    await adjust(sewnOn!, {
      ...(lengths
        ? {
            stitchDial: [
              ...(of.stitchDial ?? []),
              // Ten repeats are as many stitches as the feed took steps for them.
              {
                dialled: set.length,
                stitches: Math.max(1, round((10 * set.said!) / set.length!)),
                measured: `${round(set.ten!)} mm`,
              },
            ],
          }
        : {}),
      ...(says.wide && set.width
        ? {
            widthDial: [
              ...(of.widthDial ?? []),
              { dialled: set.width, stitches: 1, measured: `${round(says.wide.mm)} mm` },
            ],
          }
        : {}),
    });
    setKept(`The ${sewnOn!.name} knows it.`);
  };
  const canBook = stitch && repeat && Math.abs(repeat - (knows ?? 0)) > 0.005;
  const canDial = sewnOn && (lengths || (says.wide && set.width));
  if (!canBook && !canDial && !isKept) return null;
  return (
    <span className="flex flex-wrap items-center gap-2">
      {canBook && (
        <button type="button" className="btn quiet" onClick={() => void keepInBook()}>
          Update the stitch library to {round(repeat)} mm
        </button>
      )}
      {canDial && !isKept.startsWith('The ') && (
        <button type="button" className="btn quiet" onClick={() => void keepForDial()}>
          Save to the calibration of the {sewnOn.name}
        </button>
      )}
      {isKept && <span className="text-[0.92rem] font-semibold">{isKept}</span>}
    </span>
  );
}

const round = (figure: number) => Math.round(figure * 100) / 100;
const mm = (said: unknown) => {
  const figure = typeof said === 'number' ? said : Number.parseFloat(String(said ?? '').replace(',', '.'));
  return Number.isFinite(figure) ? figure : undefined;
};
