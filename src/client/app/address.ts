import { useCallback, useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';

/**
 * Figures that the address holds. What is typed is held here at once, because the address follows a moment later and a field
 * that waited for it would lose keys.
 */
export function useAddress() {
  const [address, setAddress] = useSearchParams();
  const [held, setHeld] = useState(address);
  /** What was written and has not come back yet, and what came back last: keys are faster than the address. */
  const written = useRef<string[]>([]);
  const last = useRef(address.toString());
  const latest = useRef(held);
  useEffect(() => {
    const is = address.toString();
    const own = written.current.indexOf(is);
    if (own < 0 && is === last.current) return;
    last.current = is;
    written.current = own < 0 ? [] : written.current.slice(own + 1);
    // What was written here comes late, and is known; else somebody went back, or opened another address, and that counts.
    if (own >= 0) return;
    latest.current = address;
    setHeld(address);
  }, [address]);
  const replace = useCallback(
    (next: URLSearchParams) => {
      latest.current = next;
      written.current = [...written.current, next.toString()].slice(-50);
      setHeld(next);
      setAddress(next, { replace: true });
    },
    [setAddress],
  );
  const set = useCallback(
    (name: string, to: unknown) => {
      const next = new URLSearchParams(latest.current);
      if (to === null || to === '' || to === undefined) next.delete(name);
      else next.set(name, typeof to === 'object' ? JSON.stringify(to) : String(to));
      replace(next);
    },
    [replace],
  );
  return { address: held, set, replace };
}
