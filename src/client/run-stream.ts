'use client';

import { useEffect } from 'react';
import type { StreamMarks } from '@/services';
import type { SpecSaver } from './spec-saver';

/** How long it is waited before a server that is ending, or knows no such run, is asked again. */
const AGAIN_MS = 3000;

/** What a page has of its browser, as far as the stream needs it. */
interface Page {
  readonly document: Pick<Document, 'visibilityState' | 'addEventListener' | 'removeEventListener'>;
  readonly window: Pick<Window, 'addEventListener' | 'removeEventListener'>;
  readonly open: (path: string) => Pick<EventSource, 'readyState' | 'close' | 'onerror' | 'onmessage'>;
  readonly againMs?: number;
}

/**
 * Follows what is saved, made, released and done in a run, by whomever: the server tells how far it has come, and what is new is
 * read by that. The stream ends in a page that nobody looks at, since a browser opens only a few connections to a host; whoever comes
 * back to it reads again.
 */
export function followRun(
  runId: string,
  saver: Pick<SpecSaver, 'getSnapshot' | 'catchUp'>,
  follow: (marks: Partial<StreamMarks>) => void,
  { document, window, open: openSource, againMs = AGAIN_MS }: Page,
): () => void {
  let source: ReturnType<Page['open']> | null = null;
  let later: ReturnType<typeof setTimeout> | undefined;
  const open = () => {
    if (source || document.visibilityState !== 'visible') return;
    const opened = openSource(`/api/runs/${runId}/events`);
    source = opened;
    opened.onerror = () => {
      // The browser asks again by itself, unless it was answered something else than a stream.
      if (opened.readyState !== CLOSED) return;
      source = null;
      later = setTimeout(open, againMs);
    };
    opened.onmessage = ({ data }: MessageEvent<string>) => {
      const marks = JSON.parse(data) as StreamMarks;
      if (marks.spec > saver.getSnapshot().counter) void saver.catchUp();
      follow(marks);
    };
  };
  const close = () => {
    clearTimeout(later);
    source?.close();
    source = null;
  };
  const look = () => (document.visibilityState === 'visible' ? open() : close());
  look();
  document.addEventListener('visibilitychange', look);
  // A page that the browser keeps for the way back has its connections cut.
  window.addEventListener('pagehide', close);
  window.addEventListener('pageshow', look);
  return () => {
    close();
    document.removeEventListener('visibilitychange', look);
    window.removeEventListener('pagehide', close);
    window.removeEventListener('pageshow', look);
  };
}

/** `EventSource.CLOSED` */
const CLOSED = 2;

export function useRunStream(runId: string, saver: SpecSaver, follow: (marks: Partial<StreamMarks>) => void): void {
  useEffect(() => {
    const open = (path: string) => new EventSource(path);
    return followRun(runId, saver, follow, { document, window, open });
  }, [runId, saver, follow]);
}
