import { storeOf } from './store';

/** One line at the foot of the page: what was done, with a way back, or where to see it. */
export type Notice = {
  says: string;
  action?: { label: string; run: () => void };
  leads?: { label: string; to: string };
};

const shown = storeOf<Notice | null>(null);
let timer: ReturnType<typeof setTimeout> | undefined;

/** Shows a line; it goes after a while, or when the next one comes. */
export function notify(notice: Notice | null) {
  clearTimeout(timer);
  if (notice) timer = setTimeout(() => notify(null), 12_000);
  shown.set(notice);
}

/** The line that is shown. */
export const useNotice = shown.useNow;
