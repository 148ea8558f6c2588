export type Theme = 'auto' | 'light' | 'dark';

const key = 'zr.theme';

/** The appearance that was chosen in this browser. */
export function chosenTheme(): Theme {
  try {
    const chosen = localStorage.getItem(key);
    return chosen === 'light' || chosen === 'dark' ? chosen : 'auto';
  } catch {
    return 'auto';
  }
}

/** Shows an appearance and remembers it. */
export function applyTheme(theme: Theme) {
  const isDark = theme === 'dark' || (theme === 'auto' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.dataset.theme = isDark ? 'dark' : 'light';
  try {
    if (theme === 'auto') localStorage.removeItem(key);
    else localStorage.setItem(key, theme);
  } catch {
    // Without storage it holds until the page is left.
  }
}
