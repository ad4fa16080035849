import { Server, type IncomingMessage, type ServerResponse } from 'node:http';
import { originProblem } from './same-origin';

interface Refusal {
  readonly status: number;
  readonly text: string;
}

type Asked = Pick<IncomingMessage, 'method' | 'url' | 'headers'>;

/**
 * Why a request is not let in at all; null when it is. Whatever it asks for (pages, files, scripts): under another host’s name nothing is
 * answered, and what the framework would stumble over never reaches it.
 */
export function refusalAtDoor({ method, url, headers }: Asked): Refusal | null {
  const host = headers.host;
  if (originProblem(new Headers(host === undefined ? {} : { host }))?.kind === 'foreignHost') {
    return { status: 403, text: 'Knurl answers only under localhost and 127.0.0.1.' };
  }
  if (method === 'TRACE' || method === 'TRACK') return { status: 405, text: `Knurl does not answer ${method}.` };
  return isReadable(url ?? '') ? null : { status: 400, text: 'The address is not written as addresses are.' };
}

/** Its path can be decoded: `%zz` stands for nothing. */
function isReadable(url: string): boolean {
  const [path = ''] = url.split('?', 1);
  try {
    decodeURIComponent(path);
    return true;
  } catch {
    return false;
  }
}

/**
 * Puts the door before the framework’s own server, which is made without asking anybody: every server of this process hands its requests
 * out by the same `emit`.
 */
export function guardDoor(): void {
  const emit = Server.prototype.emit;
  Server.prototype.emit = function guarded(this: Server, event: string, ...args: unknown[]): boolean {
    const [request, response] = args as [IncomingMessage, ServerResponse];
    const refusal = event === 'request' ? refusalAtDoor(request) : null;
    if (refusal === null) return (emit as (...all: unknown[]) => boolean).call(this, event, ...args);
    response.writeHead(refusal.status, { 'content-type': 'text/plain; charset=utf-8' });
    response.end(`${refusal.text}\n`);
    return true;
  } as typeof emit;
}
