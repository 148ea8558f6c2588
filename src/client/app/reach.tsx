import { useEffect, useState } from 'react';
import { screenAt } from './help';

/** Where the keys can go at once: past the menu, to what is typed, to the drawing. */
const places = [
  { says: 'Skip to content', at: 'main' },
  { says: 'Skip to the fields', at: 'main .field :is(input, select, textarea)' },
  { says: 'Skip to the drawing', at: 'main .drawing :is(button, [tabindex="0"])' },
];

/** The first stops of the keys on every view; seen while they have the focus. */
export function SkipLinks() {
  return places.map(({ says, at }) => (
    <button
      key={at}
      type="button"
      className="sr-only focus:not-sr-only focus:absolute focus:z-20 focus:rounded focus:bg-paper focus:p-3"
      onClick={() => (document.querySelector<HTMLElement>(at) ?? document.querySelector('main'))?.focus()}
    >
      {says}
    </button>
  ));
}

/**
 * Names the window after the view that is open, and what it is of.
 * @returns The same, to be read out where one view leads to another.
 */
export function useAnnounced(pathname: string) {
  const [title, setTitle] = useState('');
  useEffect(() => {
    const look = setInterval(() => {
      const head = document.querySelector('main h1');
      const input = head?.querySelector('input');
      const name = input ? input.value : (head?.textContent ?? '');
      if (!name) return;
      clearInterval(look);
      const screen = screenAt(pathname)?.head ?? '';
      const said = screen && !name.startsWith(screen) ? `${name}: ${screen}` : name;
      document.title = `${said} · Zephyr Reach`;
      setTitle(said);
    }, 100);
    return () => clearInterval(look);
  }, [pathname]);
  return title;
}
