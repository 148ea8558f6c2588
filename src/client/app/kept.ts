import { storeOf } from './store';

/** Whether all that was typed is on disk. */
export type Kept = { state: 'kept' | 'keeping' | 'waiting'; says: string };

const now = storeOf<Kept>({ state: 'kept', says: 'Saved' });
let running = 0;
const typed = new Set<string>();
const waiting = new Map<string, string>();

function tell() {
  const [reason] = waiting.values();
  now.set(
    reason
      ? { state: 'waiting', says: reason }
      : running > 0 || typed.size > 0
        ? { state: 'keeping', says: 'Saving…' }
        : { state: 'kept', says: 'Saved' },
  );
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

const atOnce = new Set<() => void>();

/** Calls back when what is typed is to be kept without waiting for a pause; returns how to stop that. */
export function onKeepNow(callback: () => void) {
  atOnce.add(callback);
  return () => void atOnce.delete(callback);
}

/** How long a save is waited for before something else goes on without it. */
const longest = 5000;

/** Keeps what is typed, and waits until it is on disk or cannot be: what comes next must not overtake it. */
export async function keepNow() {
  atOnce.forEach((keep) => keep());
  const end = Date.now() + longest;
  while (now.get().state === 'keeping' && Date.now() < end) {
    await new Promise<void>((resolve) => {
      const done = () => {
        stop();
        clearTimeout(timer);
        resolve();
      };
      const timer = setTimeout(done, longest);
      const stop = now.subscribe(done);
    });
  }
}

/** The kept sign. */
export const useKept = now.useNow;
