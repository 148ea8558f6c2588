import { useMemo } from 'react';
import { openHelp, useWords } from '../app/help';

/** Leads to the picture of the word of the craft that is named in a text; nothing where none is. */
export function WordLink({ within }: { within: string }) {
  const words = useWords();
  // Of each field at every key, so that it is looked for once.
  const found = useMemo(() => {
    const text = within.toLowerCase();
    return words.filter((w) => w.named.test(text)).sort((a, b) => b.name.length - a.name.length)[0];
  }, [words, within]);
  if (!found) return null;
  return (
    <button
      type="button"
      tabIndex={-1}
      className="font-semibold whitespace-nowrap underline underline-offset-2"
      onClick={() => openHelp({ word: found.name })}
    >
      See “{found.name}”
    </button>
  );
}
