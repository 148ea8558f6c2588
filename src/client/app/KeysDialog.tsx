import { Dialog } from 'radix-ui';
import { keysNow } from './keys';

/** The keys of the view that is open. */
export function KeysDialog({ close }: { close: () => void }) {
  return (
    <Dialog.Root open onOpenChange={(isOpen) => !isOpen && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="tacked fixed top-1/2 left-1/2 z-30 max-h-[86vh] w-[min(30rem,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-auto"
        >
          <Dialog.Title className="mb-3 text-lg font-bold">Keyboard shortcuts</Dialog.Title>
          <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-2">
            {keysNow().map((key) => (
              <div key={key.shown} className="contents">
                <dt>
                  {key.shown.split(' ').map((part) => (
                    <kbd key={part} className="mr-1 !text-sm">
                      {part}
                    </kbd>
                  ))}
                </dt>
                <dd>{key.says}</dd>
              </div>
            ))}
            <dt>
              <kbd className="mr-1 !text-sm">↑</kbd>
              <kbd className="!text-sm">↓</kbd>
            </dt>
            <dd>in a measurement: one step up or down; with Shift, ten</dd>
          </dl>
          <Dialog.Close className="btn mt-4">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
