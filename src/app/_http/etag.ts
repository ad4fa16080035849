import type { RunView } from '@/services';

export function etagOf({ counter }: Pick<RunView, 'counter'>): string {
  return `"${counter}"`;
}

/** The counter in an If-Match header; null when there is none that names a state. */
export function counterOfIfMatch(headers: Headers): number | null {
  const found = /^(?:W\/)?"(\d{1,15})"$/.exec(headers.get('if-match')?.trim() ?? '');
  return found ? Number(found[1]) : null;
}

export function runResponse(run: RunView, status = 200, headers: Record<string, string> = {}): Response {
  return Response.json(run, { status, headers: { etag: etagOf(run), ...headers } });
}
