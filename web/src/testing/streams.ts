import { vi } from 'vitest';

/** A stream of server-sent events whose other end is the test. */
export class FakeStream extends EventTarget {
  static opened: FakeStream[] = [];
  onerror: (() => void) | null = null;
  isClosed = false;

  constructor(readonly url: string) {
    super();
    FakeStream.opened.push(this);
  }

  /** The query of its address. */
  get asked(): Record<string, string> {
    return Object.fromEntries(new URL(this.url, 'http://here').searchParams);
  }

  close() {
    this.isClosed = true;
  }

  send(name: string, data: unknown) {
    this.dispatchEvent(new MessageEvent(name, { data: JSON.stringify(data) }));
  }

  /** The one opened last. */
  static get latest(): FakeStream {
    return FakeStream.opened.at(-1)!;
  }
}

/** From here on every stream is a fake one. */
export function fakeStreams() {
  FakeStream.opened = [];
  vi.stubGlobal('EventSource', FakeStream);
}
