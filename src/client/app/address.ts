import { useCallback, useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';

/**
 * Figures that the address holds. What is typed is held here at once, because the address follows a moment later and a field
 * that waited for it would lose keys.
 */
export function useAddress() {
  const [address, setAddress] = useSearchParams();
  const [held, setHeld] = useState(address);
  const written = useRef(address.toString());
  const latest = useRef(held);
  useEffect(() => {
    // Somebody went back, or opened another address: that counts.
    if (address.toString() === written.current) return;
    written.current = address.toString();
    latest.current = address;
    setHeld(address);
  }, [address]);
  const replace = useCallback(
    (next: URLSearchParams) => {
      latest.current = next;
      written.current = next.toString();
      setHeld(next);
      setAddress(next, { replace: true });
    },
    [setAddress],
  );
  const set = useCallback(
    (name: string, to: unknown) => {
      const next = new URLSearchParams(latest.current);
      if (to === null || to === '' || to === undefined) next.delete(name);
      else next.set(name, String(to));
      replace(next);
    },
    [replace],
  );
  return { address: held, set, replace };
}
