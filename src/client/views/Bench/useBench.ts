import { useInfiniteQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import { api, value } from '../../api/http';
import { useUnits } from '../../app/workroom';

/** As many as a tall screen shows; what is further down is drawn as it is scrolled to. */
const onScreen = 8;

/**
 * The projects in hand. Those on the screen are asked for and drawn first, and more of them as the end comes near. The others
 * are fetched once the view stands, so that paper has them all.
 * @param wanted A project that was asked for by its address; all down to it are drawn.
 * @returns `more` is what the end of the list tells when it comes into sight; null when all are drawn.
 */
export function useBench(wanted: string) {
  const units = useUnits();
  const bench = useInfiniteQuery({
    queryKey: ['bench', 'pages', units],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) =>
      value(
        api.GET('/api/bench', {
          params: { query: { cursor: pageParam, units, ...(pageParam ? {} : { most: onScreen }) } },
        }),
      ),
    getNextPageParam: (last) => last.next ?? undefined,
  });
  const { fetchNextPage, hasNextPage, isFetching } = bench;
  const all = bench.data?.pages.flatMap((p) => p.projects) ?? [];
  const [drawn, setDrawn] = useState(onScreen);
  const shown = Math.max(drawn, 1 + all.findIndex((p) => p.id === wanted));

  const isWaited =
    hasNextPage && (shown > all.length || Boolean(wanted && !all.some((p) => p.id === wanted)));
  useEffect(() => {
    if (!hasNextPage || isFetching) return;
    if (isWaited) void fetchNextPage();
    const later = setTimeout(() => void fetchNextPage(), 3000);
    return () => clearTimeout(later);
  }, [isWaited, hasNextPage, isFetching, fetchNextPage]);

  useEffect(() => {
    const draw = () => flushSync(() => setDrawn(Infinity));
    addEventListener('beforeprint', draw);
    return () => removeEventListener('beforeprint', draw);
  }, []);

  return {
    bench,
    projects: all.slice(0, shown),
    more:
      shown < all.length || hasNextPage
        ? whenInSight(() => setDrawn((n) => Math.min(n, all.length) + onScreen))
        : null,
  };
}

/** Calls when an element comes near the screen. */
function whenInSight(call: () => void) {
  return (element: Element | null) => {
    if (!element) return;
    const sight = new IntersectionObserver((seen) => seen.some((s) => s.isIntersecting) && call(), {
      rootMargin: '1200px',
    });
    sight.observe(element);
    return () => sight.disconnect();
  };
}
