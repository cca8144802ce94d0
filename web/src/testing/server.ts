/**
 * A stand-in for the server: tests set its answers and read what was sent to it. Import it before anything that loads
 * the API client, because the client captures `fetch` when it is loaded.
 */

import { unknownFields } from './api';

/** A request as it reached the server. */
export interface Call {
  /** Such as `POST /api/v1/clients`. */
  route: string;
  query: Record<string, string>;
  headers: Headers;
  /** JSON, or text where it is not JSON. */
  body: unknown;
}

/** Answers a route: a function of the call, or the body of a 200. */
type Answer = unknown;

/** A problem document, as a route's answer. */
export class Refusal {
  constructor(
    readonly status: number,
    readonly detail: string,
    readonly errors: { pointer: string; code: string; message: string }[] = [],
    readonly code = 'refused',
  ) {}
}

let answers: Record<string, Answer> = {};
let isAway = false;

/** Whoever is signed in, on the day of the demonstration. */
const session = { name: 'Ada', studio: 'Atelier', currency: 'EUR', now: '2027-01-12T09:00:00Z' };

/** A client who agreed to photos; nothing else is known of her. */
const brief = { brief: { photoConsent: '2027-01-05' }, seasons: [], usualSeasons: true, version: 1 };

export const server = {
  calls: [] as Call[],

  /** Resets the server to these answers by route; any other GET but those of the session and the brief is answered with an empty list. */
  answers(byRoute: Record<string, Answer>) {
    server.calls = [];
    answers = { 'GET /api/v1/session': session, 'GET /api/v1/clients/c1/brief': brief, ...byRoute };
    isAway = false;
  },
  /** Changes the answer of one route. */
  answer(route: string, answer: Answer) {
    answers[route] = answer;
  },
  goAway: () => (isAway = true),
  comeBack: () => (isAway = false),
  /** What was sent to a route. */
  bodies: <T>(route: string): T[] =>
    server.calls.filter((call) => call.route === route).map((call) => call.body as T),
};

globalThis.fetch = async (input: RequestInfo | URL, init?: RequestInit) => {
  const request = new Request(
    input instanceof Request ? input : new URL(String(input), location.origin),
    input instanceof Request ? init : { ...init, body: await bodyText(init?.body) },
  );
  const url = new URL(request.url);
  const text = await request.text();
  const call: Call = {
    route: `${request.method} ${url.pathname}`,
    query: Object.fromEntries(url.searchParams),
    headers: request.headers,
    body: parsed(text),
  };
  if (isAway) {
    throw new TypeError('Failed to fetch');
  }
  server.calls.push(call);
  const unknown = unknownFields(request.method, url.pathname, call.body);
  if (unknown.length > 0) {
    throw new Error(`${call.route} does not know ${unknown.join(', ')}`);
  }
  const answer = answers[call.route];
  const body = typeof answer === 'function' ? await answer(call) : answer;
  if (body instanceof Refusal) {
    const { status, detail, errors, code } = body;
    return Response.json({ status, detail, errors, code }, { status });
  }
  if (body === undefined && request.method !== 'GET') {
    throw new Error(`The test gives no answer to ${call.route}`);
  }
  return Response.json(body ?? []);
};

/** The text of a request body; a file from jsdom has to be read here, because Node's fetch cannot. */
async function bodyText(body: BodyInit | null | undefined): Promise<string | undefined> {
  return body instanceof Blob ? await readText(body) : body == null ? undefined : String(body);
}

function readText(file: Blob): Promise<string> {
  return new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.readAsText(file);
  });
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}
