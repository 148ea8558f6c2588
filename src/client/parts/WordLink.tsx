import { openHelp, useWords } from '../app/help';

/** Leads to the picture of the word of the craft that is named in a text; nothing where none is. */
export function WordLink({ within }: { within: string }) {
  const words = useWords();
  const text = within.toLowerCase();
  const found = words
    .filter((w) => new RegExp(`(^|[^a-zà-ÿ])${w.name}(s|es)?([^a-zà-ÿ]|$)`).test(text))
    .sort((a, b) => b.name.length - a.name.length)[0];
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
