import { useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';

const media = matchMedia('print');

/** Between the two events of printing it is paper already, whatever the screen says. */
let isTaken = false;

function subscribe(onChange: () => void) {
  // The paper is taken right after this, so it has to stand at once.
  const change = () => flushSync(onChange);
  const taken = (to: boolean) => () => {
    isTaken = to;
    change();
  };
  const before = taken(true);
  const after = taken(false);
  media.addEventListener('change', change);
  addEventListener('beforeprint', before);
  addEventListener('afterprint', after);
  return () => {
    media.removeEventListener('change', change);
    removeEventListener('beforeprint', before);
    removeEventListener('afterprint', after);
  };
}

/** Whether the page is being printed, or shown as it will be: what is only for paper is drawn then. */
export const usePrinting = () => useSyncExternalStore(subscribe, () => isTaken || media.matches);
