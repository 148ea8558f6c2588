const key = 'zr.last-working';

/** The working that was open last, so that the selvedge leads back to it. */
export function lastWorking(): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}

/** Remembers the working that is open; null forgets it. */
export function rememberWorking(id: string | null) {
  try {
    if (id) localStorage.setItem(key, id);
    else localStorage.removeItem(key);
  } catch {
    // Without storage the selvedge leads to no working; nothing else is lost.
  }
}
