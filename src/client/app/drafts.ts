/**
 * What was typed and is not kept on the server yet. Written to the browser's storage with every key, so that neither a
 * reload nor a lost connection loses it. Each page writes its own: two that are open on the same do not write over each
 * other, and what one leaves behind the other takes up.
 */
const prefix = 'zr.draft.';

/** Which page this is, of those that this browser has open. */
const page = Math.random().toString(36).slice(2, 10);

/** Under what name a page writes; what nobody has open any more has the name alone. */
const own = (name: string) => `${prefix}${name}#${page}`;

const forgotten = new Set<() => void>();

let isFull = false;

/** Whether what is typed can be written to this browser's storage; it may be full or closed. */
export const canKeepHere = () => !isFull;

const read = (key: string): object => {
  try {
    const draft = JSON.parse(localStorage.getItem(key) ?? '{}') as unknown;
    return draft && typeof draft === 'object' && !Array.isArray(draft) ? draft : {};
  } catch {
    return {};
  }
};

const keysOf = (name: string) => {
  try {
    return Object.keys(localStorage).filter(
      (key) => key === prefix + name || key.startsWith(`${prefix}${name}#`),
    );
  } catch {
    return [];
  }
};

function write(key: string, draft: object) {
  try {
    if (Object.keys(draft).length === 0) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(draft));
    isFull = false;
  } catch {
    // The server still keeps what it can, and the page says so.
    isFull = Object.keys(draft).length > 0;
  }
}

/** One draft over another: groups of fields are put together field by field. */
export function over<T extends object>(below: T, above: T): T {
  const both = { ...below } as Record<string, unknown>;
  for (const [field, is] of Object.entries(above)) {
    const was = both[field];
    both[field] = isGroup(was) && isGroup(is) ? { ...was, ...is } : is;
  }
  return both as T;
}

const isGroup = (value: unknown): value is object =>
  Boolean(value) && typeof value === 'object' && !Array.isArray(value);

/** What is drafted under a name, on whichever page; an empty object when nothing is. */
export function readDraft<T extends object>(name: string): Partial<T> {
  return keysOf(name).reduce<object>((all, key) => over(all, read(key)), {}) as Partial<T>;
}

/** The same, and from here on it is this page's: what another wrote, or one that is closed, is taken over. */
export function takeDraft<T extends object>(name: string): Partial<T> {
  const all = readDraft<T>(name);
  const others = keysOf(name).filter((key) => key !== own(name));
  if (others.length > 0) {
    write(own(name), all);
    others.forEach((key) => write(key, {}));
  }
  return all;
}

/** Writes what this page has; an empty draft is taken away. */
export function writeDraft(name: string, draft: object) {
  write(own(name), draft);
}

/** What was kept is no draft any more, whichever page wrote it. */
export function settleDraft<T extends object>(name: string, left: (draft: T) => T) {
  for (const key of keysOf(name)) if (key !== own(name)) write(key, left(read(key) as T));
}

/** Leaves what this page has to whoever opens it next. */
export function leaveDraft(name: string) {
  const mine = read(own(name));
  if (Object.keys(mine).length === 0) return;
  write(prefix + name, over(read(prefix + name), mine));
  write(own(name), {});
}

/** Calls back with what another page left behind; returns how to stop that. */
export function onLeft<T extends object>(name: string, callback: (left: Partial<T>) => void) {
  const listener = (event: StorageEvent) => {
    if (event.key === prefix + name && event.newValue) callback(takeDraft<T>(name));
  };
  addEventListener('storage', listener);
  return () => removeEventListener('storage', listener);
}

/** Takes all drafts away, after an undo. */
export function forgetDrafts() {
  try {
    for (const key of Object.keys(localStorage)) if (key.startsWith(prefix)) localStorage.removeItem(key);
  } catch {
    // Storage may be closed.
  }
  forgotten.forEach((f) => f());
}

/** Calls back when drafts are taken away; returns how to stop that. */
export function onForget(callback: () => void) {
  forgotten.add(callback);
  return () => void forgotten.delete(callback);
}
