import { makeId } from '@/core/ids';
import type { Outcome } from '@/core/outcome';
import { type Context, faultOf, getContext, getLog, jobEndOf } from '@/services';
import { type HttpProblem, problemBody } from './problem-response';
import { originProblem } from './same-origin';

/** What a handler works with beside the request. */
export interface Call<P> {
  readonly request: Request;
  readonly params: P;
  readonly context: Context;
  readonly url: URL;
}

type Handler<P> = (call: Call<P>) => Promise<Response | HttpProblem>;

/**
 * Wraps every handler of the interface: refuses foreign pages, gives the request an id, turns problems into
 * problem+json, logs one line without a word of what was sent, and keeps a crash from showing more than its id.
 */
export function route<P>(handler: Handler<P>) {
  return async (request: Request, { params }: { params: Promise<P> }): Promise<Response> => {
    const startedMs = performance.now();
    const requestId = makeId<'request'>((count) => crypto.getRandomValues(new Uint8Array(count)));
    const url = new URL(request.url);
    const answer = await answerOf(handler, requestId, { request, params: await params, url });
    const response = answer instanceof Response ? answer : problemResponse(answer, requestId);
    response.headers.set('x-request-id', requestId);
    response.headers.set('x-content-type-options', 'nosniff');
    if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store');
    getLog().info({
      requestId,
      method: request.method,
      path: url.pathname,
      status: response.status,
      ms: Math.round(performance.now() - startedMs),
      ...(answer instanceof Response ? {} : { problem: answer.kind }),
    });
    return response;
  };
}

async function answerOf<P>(
  handler: Handler<P>,
  requestId: string,
  asked: { readonly request: Request; readonly params: P; readonly url: URL },
): Promise<Response | HttpProblem> {
  const foreign = originProblem(asked.request.headers);
  if (foreign) return foreign;
  try {
    const context = await getContext();
    const answer = await handler({ ...asked, context });
    await note(asked.request.method, context);
    return answer;
  } catch (error) {
    const fault = faultOf(error);
    if (fault) {
      getLog().error({ requestId, fault: fault.kind });
      return { kind: 'storeFault', fault };
    }
    const end = jobEndOf(error);
    if (end) {
      getLog().error({ requestId, end: end.kind });
      return { kind: 'jobEnded', end };
    }
    // A stack names files and lines; the message might hold what somebody typed.
    const where = error instanceof Error ? (error.stack ?? '').split('\n').slice(1, 6).join('\n') : '';
    getLog().error({ requestId, error: error instanceof Error ? error.name : typeof error, where });
    return { kind: 'crashed' };
  }
}

/** What is acknowledged from here on is noted outside the database; what is done is done, whether it can be noted or not. */
async function note(method: string, { store, nowIso }: Context): Promise<void> {
  if (method !== 'GET') await store.noteAcknowledged(nowIso()).catch(() => undefined);
}

function problemResponse(problem: HttpProblem, requestId: string): Response {
  const body = { ...problemBody(problem), requestId };
  return new Response(JSON.stringify(body), {
    status: body.status,
    headers: { 'content-type': 'application/problem+json; charset=utf-8' },
  });
}

/** The value of an outcome as a response, or its problem for the wrapper to tell. */
export function answerWith<T>(
  outcome: Outcome<T, HttpProblem>,
  toResponse: (value: T) => Response,
): Response | HttpProblem {
  return outcome.ok ? toResponse(outcome.value) : outcome.problem;
}
