import { useLayoutEffect, useRef, useState } from 'react';

/** The width of an element in pixels, as it changes. */
export function useWidth<T extends HTMLElement>() {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    const element = ref.current!;
    const read = () => setWidth(element.clientWidth);
    read();
    const watch = new ResizeObserver(read);
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  return [ref, width] as const;
}
