import { Tabs } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';
import { DialogBox } from './DialogBox';
import { DrawingView } from '../drawing/DrawingView';
import { fetchWords, screenAt, useWordPicture, useWords, type HelpAt } from './help';
import { keysNow, lettersAreOn, switchLetters } from './keys';
import { useTour } from './tour';
import { useExample } from './example';
import { useUnits } from './workroom';

/** What this screen is for, the words of the craft with their pictures, and the keys. */
export function HelpDialog({ at, close }: { at: HelpAt; close: () => void }) {
  return (
    <DialogBox
      title="Help"
      className="top-1/2 flex h-[min(44rem,88vh)] w-[min(46rem,94vw)] -translate-y-1/2 flex-col"
      close={close}
    >
      <Tabs.Root defaultValue={at.word ? 'words' : 'screen'} className="flex min-h-0 flex-1 flex-col">
        <Tabs.List className="rooms shrink-0" aria-label="Help">
          <Tabs.Trigger value="screen">This screen</Tabs.Trigger>
          <Tabs.Trigger value="words">Words</Tabs.Trigger>
          <Tabs.Trigger value="keys">Keyboard shortcuts</Tabs.Trigger>
        </Tabs.List>
        <Tabs.Content value="screen" className="min-h-0 flex-1 overflow-auto">
          <ThisScreen close={close} />
        </Tabs.Content>
        <Tabs.Content value="words" className="min-h-0 flex-1 overflow-auto">
          <Words begun={at.word ?? ''} />
        </Tabs.Content>
        <Tabs.Content value="keys" className="min-h-0 flex-1 overflow-auto">
          <Keys />
        </Tabs.Content>
      </Tabs.Root>
    </DialogBox>
  );
}

function ThisScreen({ close }: { close: () => void }) {
  const screen = screenAt(useLocation().pathname);
  const hasExample = Boolean(useExample()?.projects.length);
  const tour = useTour();
  return (
    <>
      {screen && (
        <>
          <h2 className="text-lg">{screen.head}</h2>
          <p className="mt-1 mb-4 max-w-prose">{screen.says}</p>
        </>
      )}
      {hasExample && (
        <button
          type="button"
          className="btn"
          onClick={() => {
            close();
            void tour();
          }}
        >
          Take the tour in six steps
        </button>
      )}
    </>
  );
}

function Words({ begun }: { begun: string }) {
  const words = useWords();
  useEffect(() => void fetchWords(), []);
  const [text, setText] = useState(begun);
  const wanted = text.trim().toLowerCase();
  const shown = words.filter((w) =>
    [w.name, ...w.also, w.says].some((t) => t.toLowerCase().includes(wanted)),
  );
  // A word that is called so comes before those that only mention it.
  const first = shown.filter((w) => [w.name, ...w.also].some((t) => t.toLowerCase().startsWith(wanted)));
  const list = [...first, ...shown.filter((w) => !first.includes(w))];
  return (
    <>
      <label className="field sticky top-0 z-10 bg-paper pb-2">
        Search {words.length} words
        <input className="entry" type="search" value={text} onChange={(e) => setText(e.target.value)} />
      </label>
      <dl className="mt-1 grid content-start gap-x-5 gap-y-4 sm:grid-cols-2">
        {list.map((word) => (
          <Word key={word.name} name={word.name} says={word.says} also={word.also} />
        ))}
        {words.length > 0 && list.length === 0 && <dt>No word with “{text}”.</dt>}
      </dl>
    </>
  );
}

function Word({ name, says, also }: { name: string; says: string; also: string[] }) {
  const place = useRef<HTMLDivElement>(null);
  const [isNear, setNear] = useState(false);
  useEffect(() => {
    const sight = new IntersectionObserver((seen) => seen.some((s) => s.isIntersecting) && setNear(true), {
      rootMargin: '200px',
    });
    sight.observe(place.current!);
    return () => sight.disconnect();
  }, []);
  const picture = useWordPicture(name, isNear);
  const units = useUnits();
  return (
    <div ref={place} className="grid content-start gap-1">
      <dt className="font-bold">
        {name}
        {also.length > 0 && <span className="ml-2 text-sm font-normal text-soft">{also.join(', ')}</span>}
      </dt>
      <dd>
        <div
          className="word-picture grid h-36 place-items-center overflow-hidden rounded bg-ground"
          aria-hidden
        >
          {picture && (
            <DrawingView
              drawing={picture.drawing}
              moment={picture.moment ?? undefined}
              cloth={undefined}
              units={units}
              width={300}
              maxHeight={110}
            />
          )}
        </div>
        <p className="mt-1 text-[0.95rem]">{says}</p>
      </dd>
    </div>
  );
}

function Keys() {
  const [isOn, setOn] = useState(lettersAreOn);
  return (
    <>
      <label className="mb-3 flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="h-5 w-5"
          checked={isOn}
          onChange={(e) => {
            switchLetters(e.target.checked);
            setOn(e.target.checked);
          }}
        />
        Keys of one letter do something
      </label>
      <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-2">
        {keysNow().map((key) => (
          <div key={key.shown} className={`contents ${isOn || key.shown.includes(' ') ? '' : 'text-soft'}`}>
            <dt>
              {key.shown.split(' ').map((part) => (
                <kbd key={part} className="mr-1 !text-sm">
                  {part}
                </kbd>
              ))}
            </dt>
            <dd>{key.says}</dd>
          </div>
        ))}
        <dt>
          <kbd className="mr-1 !text-sm">↑</kbd>
          <kbd className="!text-sm">↓</kbd>
        </dt>
        <dd>in a measurement: one step up or down; with Shift, ten</dd>
      </dl>
    </>
  );
}
