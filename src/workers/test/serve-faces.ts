import { readFileSync } from 'node:fs';

export interface ServedFaces {
  /** Addresses that were asked for, in their order. */
  readonly asked: string[];
  /** What is answered next, one after the other; when none is left the file is handed out. */
  readonly answers: ((pathname: string) => Response | Promise<Response>)[];
}

/** A server of the shipped faces for all tests of a file, as the worker asks it. */
export function serveFaces(): ServedFaces {
  const served: ServedFaces = { asked: [], answers: [] };
  const realFetch = globalThis.fetch;
  beforeAll(() => {
    Object.assign(globalThis, { self: { location: { origin: 'http://127.0.0.1:1' } } });
    globalThis.fetch = (async (url: URL) => {
      served.asked.push(url.pathname);
      const answer = served.answers.shift() ?? faceFile;
      return answer(url.pathname);
    }) as typeof fetch;
  });
  afterAll(() => {
    globalThis.fetch = realFetch;
  });
  return served;
}

/** As it ships. */
export function faceFile(pathname: string): Response {
  return new Response(readFileSync(`public${pathname}`));
}
