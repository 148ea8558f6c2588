/**
 * What was typed and is not kept on the server yet. Written to the browser's storage with every key, so that neither a
 * reload nor a lost connection loses it.
 */
const prefix = 'zr.draft.';

const forgotten = new Set<() => void>();

/** What is drafted under a name; an empty object when nothing is. */
export function readDraft<T extends object>(name: string): Partial<T> {
  try {
    const draft = JSON.parse(localStorage.getItem(prefix + name) ?? '{}') as unknown;
    return draft && typeof draft === 'object' && !Array.isArray(draft) ? (draft as Partial<T>) : {};
  } catch {
    return {};
  }
}

/** Writes a draft; an empty one is taken away. */
export function writeDraft(name: string, draft: object) {
  try {
    if (Object.keys(draft).length === 0) localStorage.removeItem(prefix + name);
    else localStorage.setItem(prefix + name, JSON.stringify(draft));
  } catch {
    // Storage may be full or closed; the server still keeps what it can.
  }
}

/** Takes all drafts away, after an undo. */
export function forgetDrafts() {
  try {
    for (const key of Object.keys(localStorage)) if (key.startsWith(prefix)) localStorage.removeItem(key);
  } catch {
    // As above.
  }
  forgotten.forEach((f) => f());
}

/** Calls back when drafts are taken away; returns how to stop that. */
export function onForget(callback: () => void) {
  forgotten.add(callback);
  return () => void forgotten.delete(callback);
}
