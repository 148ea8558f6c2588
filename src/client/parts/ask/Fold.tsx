import type { ReactNode } from 'react';

/** Fields that are seldom changed: folded to one line that says what they are. */
export function Fold({
  title,
  says,
  open,
  children,
}: {
  title: string;
  says: (string | false | null | undefined)[];
  open: boolean;
  children: ReactNode;
}) {
  return (
    <details className="-mb-3 border-t border-rule" open={open || undefined}>
      <summary className="flex min-h-11 flex-wrap items-center gap-x-3 text-[0.92rem]">
        <b>{title}</b>
        <span className="line-clamp-2 min-w-0 text-soft">{says.filter(Boolean).join(' · ')}</span>
      </summary>
      <div className="flex flex-wrap gap-x-4 gap-y-2 pb-3">{children}</div>
    </details>
  );
}
