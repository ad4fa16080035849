/** A file for the person's disk: never shown in place, never able to run anything. */
export function attachment(
  body: string | Uint8Array<ArrayBuffer> | ReadableStream<Uint8Array>,
  contentType: string,
  name: string,
): Response {
  return new Response(body, {
    headers: {
      'content-type': contentType,
      'content-disposition': disposition(name),
      'content-security-policy': "default-src 'none'",
    },
  });
}

/** RFC 6266: letters that a header cannot carry come in the second form, which every browser prefers. */
function disposition(name: string): string {
  const plain = name.replace(/[^\x20-\x7e]/g, '_');
  const encoded = plain === name ? '' : `; filename*=UTF-8''${encodeURIComponent(name)}`;
  return `attachment; filename="${plain.replace(/["\\]/g, '_')}"${encoded}`;
}
