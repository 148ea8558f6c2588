import { useEffect, useRef } from 'react';
import { remember, remembered } from './remembered';

/** One key of a view: what it is, what it does, and the doing. */
export type Key = { keys: string[]; shown: string; says: string; run: () => void };

const letters = 'letter-keys';

/** Whether a key alone does something; without, all is reached by pressing what is on the screen. */
export const lettersAreOn = () => remembered(letters) !== 'off';

export const switchLetters = (on: boolean) => remember(letters, on ? null : 'off');

const registered: Key[][] = [];

/** The keys of this view, those of the innermost part first. */
export const keysNow = () => registered.flat();

/** Listens for keys while the part is there. They do nothing while something is typed; Escape leaves the field. */
export function useKeys(keys: Key[]) {
  const now = useRef(keys);
  useEffect(() => {
    now.current = keys;
  });
  useEffect(() => {
    const list: Key[] = [];
    registered.unshift(list);
    const refresh = () => list.splice(0, list.length, ...now.current);
    refresh();
    const listen = (event: KeyboardEvent) => {
      refresh();
      // What lies open over the view has its own keys; in a menu letters find what they begin.
      if (
        event.defaultPrevented ||
        document.querySelector('[data-state=open]:is([role=dialog], [role=menu])')
      )
        return;
      const name = nameOf(event);
      if (name === 'Escape' && isTyping(event.target)) (event.target as HTMLElement).blur();
      if (isTyping(event.target) || isPressing(event)) return;
      if (name.length === 1 && !lettersAreOn()) return;
      const key = now.current.find((k) => k.keys.includes(name));
      if (key) {
        event.preventDefault();
        key.run();
      }
    };
    addEventListener('keydown', listen);
    return () => {
      removeEventListener('keydown', listen);
      registered.splice(registered.indexOf(list), 1);
    };
  }, []);
}

function nameOf(event: KeyboardEvent) {
  const control = event.ctrlKey || event.metaKey ? 'Ctrl+' : '';
  const shift = control && event.shiftKey ? 'Shift+' : '';
  return event.altKey ? '' : control + shift + (event.key.length === 1 ? event.key.toLowerCase() : event.key);
}

/** Space and Enter belong to what has the focus, when that can be pressed. */
function isPressing(event: KeyboardEvent) {
  return (
    [' ', 'Enter'].includes(event.key) &&
    event.target instanceof Element &&
    event.target.closest('a, button, input, summary') !== null
  );
}

function isTyping(target: EventTarget | null) {
  return (
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    (target instanceof HTMLInputElement && !['checkbox', 'radio', 'range', 'color'].includes(target.type))
  );
}
