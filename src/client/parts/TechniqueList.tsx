import { DropdownMenu } from 'radix-ui';
import { useEffect, useState, type PointerEvent } from 'react';
import type { Drawing } from '../api/types';
import { useTechniques } from '../app/useTechnique';
import { Portrait } from '../drawing/Portrait';
import type { MenuProps, OpenedBy } from './TechniqueMenu';

/** What the kin of techniques are called. */
const kins = {
  fullness: 'Gathering, ruffles and shirring',
  tucks: 'Tucks',
  rows: 'Decorative rows, open seams, ribbon',
  edges: 'Piping and cord',
  lines: 'Couching',
  shapes: 'Appliqué',
  mending: 'Mending',
  freeMotion: 'Free-motion stitching',
};

/** A list that scrolls under a mouse at rest moves the mouse no more than the keys did: what they chose stays chosen. */
const unlessAtRest = (event: PointerEvent) => {
  if (!event.movementX && !event.movementY) event.preventDefault();
};
const byMouse = { onPointerMove: unlessAtRest, onPointerLeave: unlessAtRest };

/** Techniques chosen by their look, kin by kin; arrow keys go through them, and typing finds one. */
export function TechniqueList({
  children,
  titleOf = 'begin',
  choose,
  unsure,
  opened,
}: MenuProps & { opened: OpenedBy }) {
  const known = useTechniques().data ?? [];
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    if (!opened) return;
    // The menu would know that keys are used had it been there when they opened it: then its first line has the focus.
    if (opened === 'key') document.dispatchEvent(new KeyboardEvent('keydown', { key: 'Shift' }));
    setOpen(true);
  }, [opened]);
  return (
    <DropdownMenu.Root open={isOpen} onOpenChange={setOpen}>
      <DropdownMenu.Trigger asChild>{children}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          className="z-20 max-h-[min(40rem,var(--radix-dropdown-menu-content-available-height))] w-[min(54rem,94vw)] goes-on overflow-y-auto rounded-lg bg-paper p-2 shadow-xl ring-1 ring-rule"
        >
          <DropdownMenu.Item
            {...byMouse}
            className="mb-1 min-h-11 cursor-pointer rounded-md border border-dashed border-tacking px-3 py-2 outline-none data-highlighted:bg-ground"
            onSelect={unsure}
          >
            <b>Not sure?</b> Compare the methods: fabric, time, evenness and equipment side by side.
          </DropdownMenu.Item>
          {/* Columns of a box of limited height would go on sideways, where nothing scrolls: the box around them scrolls. */}
          <div className="sm:columns-2">
            {[...new Set(known.map((t) => t.kin))].map((kin) => (
              <DropdownMenu.Group key={kin} className="mb-1">
                <DropdownMenu.Label className="px-3 pt-2 text-[0.8rem] font-semibold text-soft">
                  {kins[kin]}
                </DropdownMenu.Label>
                {known
                  .filter((t) => t.kin === kin)
                  .map((t) => (
                    <DropdownMenu.Item
                      {...byMouse}
                      key={t.name}
                      textValue={t[titleOf]}
                      className="grid min-h-11 cursor-pointer break-inside-avoid grid-cols-[72px_minmax(0,1fr)] items-center gap-x-3 rounded-md px-3 py-1.5 outline-none data-highlighted:bg-ground"
                      onSelect={() => choose(t.name)}
                    >
                      <Portrait drawing={t.mark as unknown as Drawing} />
                      <span>
                        <b className="block">{t[titleOf]}</b>
                        <span className="block text-[0.9rem] leading-tight text-soft">{t.says}</span>
                      </span>
                    </DropdownMenu.Item>
                  ))}
              </DropdownMenu.Group>
            ))}
          </div>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
