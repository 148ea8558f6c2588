import createClient from 'openapi-fetch';
import type { paths } from './schema';

/** What the server says when it refuses: which fields, and what would be right. */
export type Problem = {
  status: number;
  title: string;
  errors?: Record<string, string[]>;
  missing?: string[];
  /** Whether it is not known if what was sent was kept. */
  isUnknown?: boolean;
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

/** What every request says: which seat, and that a refusal is an answer, of which the console says nothing. */
const headers = { 'Zr-Seat': seat, 'Zr-Refusals': 'answered' };

/** The typed routes, from the OpenAPI document. Throws {@link Refused} where the server refuses. */
export const api = createClient<paths>({ baseUrl: '/', headers });

api.use({
  async onResponse({ response }) {
    if (!isRefused(response)) return;
    const problem = await problemOf(response);
    if (problem.isUnknown) void lookAgain();
    throw new Refused(problem);
  },
  onError({ request }) {
    if (request.method !== 'GET') void lookAgain();
    return new Refused({ status: 0, title: 'Can’t reach the program. Is it still running?' });
  },
});

let whenThere: () => void = () => {};
let isLooking = false;

/** Says what is done when, after something was sent that may or may not have been kept, there is an answer again. */
export function onLookAgain(look: () => void) {
  whenThere = look;
}

/** Waits until there is an answer again, and looks then. */
async function lookAgain() {
  if (isLooking) return;
  isLooking = true;
  const isThere = () =>
    fetch('/health/ready').then(
      (response) => response.ok,
      () => false,
    );
  do await new Promise((resolve) => setTimeout(resolve, between));
  while (!(await isThere()));
  isLooking = false;
  whenThere();
}

/** Between two looks, in ms. */
const between = 2000;

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
 * Asks what is not typed: tables, pictures, and the pure routes, whose path depends on the technique.
 * @throws {@link Refused} where the server refuses or does not answer.
 */
export async function ask(address: string, init: RequestInit = {}): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(address, { ...init, headers: { ...headers, ...init.headers } });
  } catch (error) {
    if (init.signal?.aborted) throw error;
    throw new Refused({ status: 0, title: 'Can’t reach the program. Is it still running?' });
  }
  if (isRefused(response)) throw new Refused(await problemOf(response));
  return response;
}

/** What is wrong, in a sentence: of the first field that is wrong, or of all. */
export function saysOf(error: unknown): string {
  if (!(error instanceof Refused)) throw error;
  return Object.values(error.problem.errors ?? {}).flat()[0] ?? error.problem.title;
}

/**
 * Posts an ask to a pure route, whose path depends on the technique.
 * @param path Such as `reckon/pulled-gathers`.
 * @param typed What was typed.
 * @param query Units, and what comes along.
 * @param signal Ends the wait when a newer ask has come.
 */
export async function post<T>(
  path: string,
  typed: unknown,
  query: Record<string, string>,
  signal?: AbortSignal,
): Promise<T> {
  const response = await ask(`/api/${path}?${new URLSearchParams(query)}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(typed),
    signal,
  });
  return (await response.json()) as T;
}

const isRefused = (response: Response) =>
  !response.ok || response.headers.get('content-type')?.startsWith('application/problem+json');

async function problemOf(response: Response): Promise<Problem> {
  const told = (await response.json().catch(() => ({}))) as Partial<Problem>;
  return { status: response.status, title: `The program reported error ${response.status}.`, ...told };
}
