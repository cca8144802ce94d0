import { createQuerySerializer, defaultPathSerializer } from 'openapi-fetch';
import type { Whole } from './client';
import type { paths } from './schema';

type EventsOf<P extends keyof paths> = paths[P] extends {
  get: { responses: { 200: { content: { 'text/event-stream': infer E } } } };
}
  ? E
  : never;

/** The calls that stream events. */
export type StreamPath = { [P in keyof paths]: [EventsOf<P>] extends [never] ? never : P }[keyof paths];

/** The names of the events of a call. */
export type EventName<P extends StreamPath> = EventsOf<P> extends { event: infer N } ? N & string : never;

/** What an event carries, as the API document says. */
export type EventData<P extends StreamPath, N extends EventName<P>> =
  Extract<EventsOf<P>, { event: N }> extends { data: infer D } ? Whole<D> : never;

declare const streams: unique symbol;

/** The address of a stream, which knows what its events carry. */
export type StreamAddress<P extends StreamPath> = string & { readonly [streams]?: P };

type Parameters<P extends StreamPath> = paths[P] extends {
  get: { parameters: { path: infer A; query?: infer Q } };
}
  ? { path: A & Record<string, string>; query?: Q }
  : never;

const written = createQuerySerializer({ array: { style: 'form', explode: true } });

/** The address of a call that streams; what is undefined or empty in the query is left out. */
export function streamAddress<P extends StreamPath>(
  call: P,
  { path, query }: Parameters<P>,
): StreamAddress<P> {
  const asked = Object.entries(query ?? {}).filter(([, value]) => value !== undefined && value !== '');
  const search = written(Object.fromEntries(asked));
  return defaultPathSerializer(call, path) + (search && `?${search}`);
}
