/** What this browser was told; null where it was not, or may not remember. */
export function remembered(key: string): string | null {
  try {
    return localStorage.getItem(`zr.${key}`);
  } catch {
    return null;
  }
}

/** Remembers something in this browser; null forgets it. Without storage nothing is remembered, and nothing else is lost. */
export function remember(key: string, value: string | null) {
  try {
    if (value === null) localStorage.removeItem(`zr.${key}`);
    else localStorage.setItem(`zr.${key}`, value);
  } catch {
    // Nothing is remembered.
  }
}
