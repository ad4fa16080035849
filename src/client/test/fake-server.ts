/** For tests: a server in a few lines: one run with its counter, which can be made to be gone, slow or ahead. */
export class FakeServer {
  counter = 1;
  spec: unknown = null;
  isGone = false;
  isRemoved = false;
  numPuts = 0;
  readonly copies: unknown[] = [];
  delayMs = 0;

  readonly fetch = async (path: string, init?: RequestInit): Promise<Response> => {
    if (this.delayMs > 0) await new Promise((resolve) => setTimeout(resolve, this.delayMs));
    if (this.isGone) throw new TypeError('fetch failed');
    const method = init?.method ?? 'GET';
    if (path.endsWith('/restored')) this.isRemoved = false;
    else if (this.isRemoved && path !== '/api/runs')
      return this.#answer(404, { kind: 'runNotFound', detail: 'No run.' });
    else if (method === 'POST') this.copies.push(JSON.parse(String(init?.body)).spec);
    if (method === 'PUT') {
      this.numPuts++;
      if (new Headers(init?.headers).get('if-match') !== `"${this.counter}"`)
        return this.#answer(412, { kind: 'changedElsewhere', detail: 'x' });
      const body = JSON.parse(String(init?.body));
      if (body.title === 'refuse me') return this.#answer(422, { kind: 'invalidInput', detail: 'title: no.' });
      this.spec = path.endsWith('/list') ? { ...(this.spec as object), title: 'relaid' } : body;
      this.counter++;
    }
    return this.#answer(200, { id: 'arunnumber', counter: this.counter, spec: this.spec });
  };

  #answer(status: number, body: object): Response {
    return new Response(JSON.stringify(body), { status });
  }
}
