import { Dialog } from 'radix-ui';
import { useState, type ReactNode } from 'react';

type Props = {
  title: string;
  className: string;
  close: () => void;
  /** What the keys go back to; where they were when it is first drawn, unless it is said. */
  back?: Element | null;
  children: ReactNode;
};

/** What lies over a view until it is closed; the keys then go on from where they were. */
export function DialogBox({ title, className, close, back, children }: Props) {
  const [from] = useState(() => back ?? document.activeElement);
  return (
    <Dialog.Root open onOpenChange={(isOpen) => !isOpen && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`tacked fixed left-1/2 z-50 -translate-x-1/2 ${className}`}
          onOpenAutoFocus={(event) => {
            const input = (event.currentTarget as HTMLElement).querySelector('input:not([type=checkbox])');
            if (!input) return;
            event.preventDefault();
            (input as HTMLInputElement).focus();
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (from instanceof HTMLElement || from instanceof SVGElement) from.focus();
          }}
        >
          <div className="relative mb-2 flex items-start justify-between gap-4">
            <Dialog.Title className="text-xl font-bold">{title}</Dialog.Title>
            <Dialog.Close className="btn quiet">Close</Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
