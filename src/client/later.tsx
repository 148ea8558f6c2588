import { use, type ComponentType } from 'react';

const waiting: (() => Promise<unknown>)[] = [];

/**
 * A part of the screen that comes when it is first wanted, or once the first view stands. When it is there it is shown in
 * the same moment, so that a letter typed after its key is not lost.
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>) {
  let loaded: ComponentType<P> | undefined;
  let loading: Promise<ComponentType<P>> | undefined;
  const fetch = () =>
    (loading ??= load().then(
      (part) => (loaded = part),
      (why) => {
        // It may come another time.
        loading = undefined;
        throw why;
      },
    ));
  waiting.push(fetch);
  function Later(props: P) {
    const Part = loaded ?? use(fetch());
    return <Part {...props} />;
  }
  return Object.assign(Later, { fetch });
}

/** Asks for all that is still to come, so that turning to it needs no wait. */
export const fetchLater = () => waiting.forEach((fetch) => void fetch());
