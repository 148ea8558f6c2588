import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';

/** Whether the page is being printed, or shown as it will be: what is only for paper is drawn then. */
export function usePrinting(): boolean {
  const [isPrinting, setPrinting] = useState(() => matchMedia('print').matches);
  useEffect(() => {
    const media = matchMedia('print');
    // The paper is taken right after this, so it has to stand at once.
    const set = (to: boolean) => flushSync(() => setPrinting(to));
    const before = () => set(true);
    const after = () => set(media.matches);
    media.addEventListener('change', after);
    addEventListener('beforeprint', before);
    addEventListener('afterprint', after);
    return () => {
      media.removeEventListener('change', after);
      removeEventListener('beforeprint', before);
      removeEventListener('afterprint', after);
    };
  }, []);
  return isPrinting;
}
