/** A file for the person's disk: never shown in place, never able to run anything. `name` is plain ASCII. */
export function attachment(body: string | Uint8Array<ArrayBuffer>, contentType: string, name: string): Response {
  return new Response(body, {
    headers: {
      'content-type': contentType,
      'content-disposition': `attachment; filename="${name}"`,
      'content-security-policy': "default-src 'none'",
    },
  });
}
