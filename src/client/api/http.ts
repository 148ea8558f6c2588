import createClient from 'openapi-fetch';
import type { paths } from './schema';

/** What the server says when it refuses: which fields, and what would be right. */
export type Problem = {
  status: number;
  title: string;
  errors?: Record<string, string[]>;
  missing?: string[];
  understood?: Record<string, { mm: number; text: string }>;
  current?: unknown;
  version?: number;
  changedBy?: string;
};

/** A refusal, or no answer at all (status 0). */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.title);
  }
}

/** This seat in a few words, so that another can be told who was first. */
const seat = `${matchMedia('(pointer: coarse)').matches ? (innerWidth < 700 ? 'telephone' : 'tablet') : 'computer'}`;

/** The typed routes, from the OpenAPI document. Throws {@link Refused} where the server refuses. */
export const api = createClient<paths>({ baseUrl: '/', headers: { 'Zr-Seat': seat } });

api.use({
  async onResponse({ response }) {
    if (!response.ok) throw new Refused(await problemOf(response));
  },
  onError() {
    return new Refused({ status: 0, title: 'The program does not answer.' });
  },
});

/**
 * The value of a typed call that succeeded.
 * @param call A call of {@link api}.
 */
export async function value<T>(call: Promise<{ data?: T }>): Promise<T> {
  return (await call).data as T;
}

/** A header that says which version a change rests on. */
export const ifMatch = (version: number) => ({ 'If-Match': `"${version}"` });

/**
 * Posts an ask to a pure route, whose path depends on the technique.
 * @param path Such as `reckon/pulled-gathers`.
 * @param ask What was typed.
 * @param query Units, and what comes along.
 * @param signal Ends the wait when a newer ask has come.
 */
export async function post<T>(
  path: string,
  ask: unknown,
  query: Record<string, string>,
  signal?: AbortSignal,
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/${path}?${new URLSearchParams(query)}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'Zr-Seat': seat },
      body: JSON.stringify(ask),
      signal,
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new Refused({ status: 0, title: 'The program does not answer.' });
  }
  if (!response.ok) throw new Refused(await problemOf(response));
  return (await response.json()) as T;
}

async function problemOf(response: Response): Promise<Problem> {
  try {
    return { ...((await response.json()) as Problem), status: response.status };
  } catch {
    return { status: response.status, title: `The program answered ${response.status}.` };
  }
}
