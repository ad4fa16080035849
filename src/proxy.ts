import { NextResponse, type NextRequest } from 'next/server';
import { originProblem } from './app/_http/same-origin';

/**
 * Pages: answered only under this machine's own names, and with a policy that lets them run this build's scripts and
 * nothing else. The worker's script is a response of its own and carries no policy: its engines compile there.
 */
export function proxy(request: NextRequest): NextResponse {
  if (originProblem(request.headers)?.kind === 'foreignHost') {
    return new NextResponse('Knurl answers only under localhost and 127.0.0.1.\n', { status: 403 });
  }
  const nonce = Buffer.from(crypto.getRandomValues(new Uint8Array(16))).toString('base64');
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  return response;
}

export const config = { matcher: ['/((?!api/|_next/|faces/|icon.svg).*)'] };
