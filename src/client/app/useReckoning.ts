import { useEffect, useRef, useState } from 'react';
import { post, Refused, type Problem } from '../api/http';
import type { Answer, Length, Units } from '../api/types';

export type Reckoning<T extends Answer> = {
  /** The newest answer there is; while a field is wrong, the last that could be given. */
  answer: T | null;
  /** Whether the answer is of an earlier ask than the one typed now. */
  isOld: boolean;
  /** What is wrong, by field. */
  errors: Record<string, string>;
  /** Fields that are needed and not said yet. */
  missing: string[];
  /** Each length as it was understood. */
  understood: Record<string, Length>;
  /** Why there is no answer at all, when the program cannot be reached. */
  unreachable: string | null;
};

const nothing = { errors: {}, missing: [], understood: {}, unreachable: null };

/**
 * Asks the server at every change, and shows what came back last.
 * @param path Such as `reckon/pulled-gathers`; null asks nothing.
 * @param ask What was typed.
 * @param units The units of the answer.
 * @param parts What comes along.
 * @param also Anything else that the answer rests on; a change of it asks again.
 */
export function useReckoning<T extends Answer>(
  path: string | null,
  ask: Record<string, unknown>,
  units: Units,
  parts: string,
  also = '',
): Reckoning<T> {
  const [state, setState] = useState<Reckoning<T>>({ answer: null, isOld: false, ...nothing });
  const key = JSON.stringify(ask);
  const last = useRef('');
  useEffect(() => {
    if (!path) return;
    const abort = new AbortController();
    const query = { units, ...(parts ? { with: parts } : {}) };
    post<T>(path, JSON.parse(key), query, abort.signal).then(
      (answer) => {
        last.current = key;
        setState({ answer, isOld: false, ...nothing, understood: answer.understood ?? {} });
      },
      (error: unknown) => {
        if (abort.signal.aborted) return;
        const problem: Problem =
          error instanceof Refused ? error.problem : { status: 0, title: 'Something went wrong.' };
        setState((before) => ({
          answer: before.answer,
          isOld: true,
          errors: Object.fromEntries(
            Object.entries(problem.errors ?? {}).map(([field, says]) => [field, says.join(' ')]),
          ),
          missing: problem.missing ?? [],
          understood: problem.understood ?? {},
          unreachable: [400, 422].includes(problem.status) ? null : problem.title,
        }));
      },
    );
    return () => abort.abort();
  }, [path, key, units, parts, also]);
  return state;
}

/** What is wrong with a field; a field that is only missing is not wrong yet. */
export function wrongAt(reckoning: Reckoning<Answer>, field: string): string | undefined {
  return reckoning.missing.includes(field) ? undefined : reckoning.errors[field];
}
