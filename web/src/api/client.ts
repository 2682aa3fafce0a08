import createClient, { type Middleware } from 'openapi-fetch';
import type { paths } from './schema.gen';

/** A problem of the API (RFC 9457), as an error with a sentence. */
export class Problem extends Error {
  readonly status: number;
  readonly pointer?: string;
  readonly fits?: string;
  /** The character, from 1, at which a text stops being readable. */
  readonly position?: number;

  constructor(status: number, detail: string, pointer?: string, fits?: string, position?: number) {
    super(detail);
    this.status = status;
    this.pointer = pointer;
    this.fits = fits;
    this.position = position;
  }

  /** What is wrong and, where the API knows it, what would fit. */
  get sentence(): string {
    return this.fits ? `${this.message} ${this.fits}` : this.message;
  }
}

const OFFLINE =
  'The studio cannot be reached. Check the network; what you see is kept and can be sent again.';

/** Whether an error says that a link or a session is not valid any more. */
export function isClosing(error: unknown): boolean {
  return error instanceof Problem && error.status === 401;
}

/** The sentence of any error. */
export function sentenceOf(error: unknown): string {
  if (error instanceof Problem) return error.sentence;
  return error instanceof TypeError ? OFFLINE : 'Something went wrong here. Please try again.';
}

function cookie(name: string): string | undefined {
  return document.cookie
    .split('; ')
    .find((pair) => pair.startsWith(`${name}=`))
    ?.slice(name.length + 1);
}

const csrf: Middleware = {
  onRequest({ request }) {
    const token = cookie('XSRF-TOKEN');
    if (token && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token);
    return request;
  },
};

interface Answered {
  detail: string;
  pointer: string;
  fits: string;
  position: number;
}

const problems: Middleware = {
  async onResponse({ response }) {
    if (response.ok) return response;
    const problem = (await response.json().catch(() => ({}))) as Partial<Answered>;
    throw new Problem(
      response.status,
      problem.detail ?? `The studio answered with ${response.status}.`,
      problem.pointer,
      problem.fits,
      problem.position,
    );
  },
};

/** The teacher's client: session cookie and CSRF token. */
export const api = createClient<paths>();
api.use(csrf, problems);

/** The student's client: the token of the practice link goes with each request. */
export function practiceApi(token: string) {
  const client = createClient<paths>({ headers: { Authorization: `Bearer ${token}` }, credentials: 'omit' });
  client.use(problems);
  return client;
}

/** The data of an answer; the middleware has thrown on every problem. */
export async function data<T>(answer: Promise<{ data?: T }>): Promise<T> {
  return (await answer).data as T;
}
