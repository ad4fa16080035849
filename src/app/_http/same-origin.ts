/** Hosts under which a server on this machine is reached by its own pages and programs. */
const OWN_HOST = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i;

/** Why a request is refused; null when it may pass. */
export type OriginProblem = { readonly kind: 'foreignHost' } | { readonly kind: 'foreignOrigin' };

/**
 * Any web page open in the same browser can send requests to a local server. Its host name gives a rebound name away,
 * its origin another site; programs without a browser send neither header and pass.
 */
export function originProblem(headers: Headers): OriginProblem | null {
  const host = headers.get('host') ?? '';
  if (!OWN_HOST.test(host)) return { kind: 'foreignHost' };
  const origin = headers.get('origin');
  if (origin !== null && origin !== `http://${host}`) return { kind: 'foreignOrigin' };
  const site = headers.get('sec-fetch-site');
  if (site !== null && site !== 'same-origin' && site !== 'none') return { kind: 'foreignOrigin' };
  return null;
}
