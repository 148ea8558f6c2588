import { useSyncExternalStore } from 'react';

/** One line at the foot of the page: what was done, with a way back, or where to see it. */
export type Notice = {
  says: string;
  action?: { label: string; run: () => void };
  leads?: { label: string; to: string };
};

let shown: Notice | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;
const listeners = new Set<() => void>();

/** Shows a line; it goes after a while, or when the next one comes. */
export function notify(notice: Notice | null) {
  shown = notice;
  clearTimeout(timer);
  if (notice) timer = setTimeout(() => notify(null), 12_000);
  listeners.forEach((l) => l());
}

/** The line that is shown. */
export function useNotice(): Notice | null {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => shown,
  );
}
