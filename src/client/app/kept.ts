import { useSyncExternalStore } from 'react';

/** Whether all that was typed is on disk. */
export type Kept = { state: 'kept' | 'keeping' | 'waiting'; says: string };

let now: Kept = { state: 'kept', says: 'kept' };
let running = 0;
const typed = new Set<string>();
const waiting = new Map<string, string>();
const listeners = new Set<() => void>();

function tell() {
  const [reason] = waiting.values();
  now = reason
    ? { state: 'waiting', says: reason }
    : running > 0 || typed.size > 0
      ? { state: 'keeping', says: 'keeping…' }
      : { state: 'kept', says: 'kept' };
  listeners.forEach((l) => l());
}

/** Counts a save as running until it ends. */
export async function keeping<T>(save: Promise<T>): Promise<T> {
  running++;
  tell();
  try {
    return await save;
  } finally {
    running--;
    tell();
  }
}

/** Says that something was typed which is about to be kept. */
export function aboutToKeep(what: string, isTyped: boolean) {
  if (isTyped === typed.has(what)) return;
  if (isTyped) typed.add(what);
  else typed.delete(what);
  tell();
}

/** Says that something is not kept yet, and why; null once it is. */
export function notKept(what: string, why: string | null) {
  if (why) waiting.set(what, why);
  else waiting.delete(what);
  tell();
}

/** The kept sign. */
export function useKept(): Kept {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => now,
  );
}
