import { useSyncExternalStore } from 'react';

/** Something that is one for the whole page: whoever uses it is drawn anew when it is another. */
export function storeOf<T>(first: T) {
  let now = first;
  const listeners = new Set<() => void>();
  const subscribe = (listener: () => void) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  };
  return {
    get: () => now,
    /** Calls back when it is another; returns how to stop that. */
    subscribe,
    set: (next: T) => {
      now = next;
      listeners.forEach((l) => l());
    },
    useNow: () => useSyncExternalStore(subscribe, () => now),
  };
}
