import fc from 'fast-check';
import { mergeJson } from '@/core/edit';
import { changeLayout } from '@/core/edit';
import { changeField } from '@/core/roster';
import type { RunSpec } from '@/core/spec';
import { aRun } from '@/core/test';
import { memoryKeeper } from './keeper';
import { SpecSaver } from './spec-saver';

/** Sessions of two people on one run, as the browser has them: fields, saves, a server that is gone for one of them. */
// As many as there is time for beside everything else; `npm run check:merge` plays two thousand.
const NUM_SESSIONS = Number(process.env.KNURL_SESSIONS ?? 120);

const START = aRun(['Ann', 'Bo', 'Cy']);

class Server {
  counter = 1;
  spec: RunSpec = START;
}

class Editor {
  isOffline = false;
  readonly saver: SpecSaver;
  /** Entry and field that the cursor stands in, with what is shown there. */
  field: { readonly entryAt: number; readonly name: string; readonly from: string; text: string } | null = null;
  /** Everything that ever stood in a question. */
  readonly asked = new Set<string>();

  constructor(
    private readonly server: Server,
    pageId: string,
  ) {
    const run = { id: 'arunnumber', counter: server.counter, spec: server.spec };
    const parts = { keeper: memoryKeeper(), pageId, nowMs: () => 0, later: () => () => undefined };
    this.saver = new SpecSaver('arunnumber', run, parts);
  }

  readonly fetch = async (_: string, init?: RequestInit): Promise<Response> => {
    if (this.isOffline) throw new TypeError('fetch failed');
    const { server } = this;
    const answer = (status: number, body: object) => new Response(JSON.stringify(body), { status });
    if (init?.method === 'PUT') {
      if (new Headers(init.headers).get('if-match') !== `"${server.counter}"`)
        return answer(412, { kind: 'changedElsewhere', detail: '' });
      server.spec = JSON.parse(String(init.body)) as RunSpec;
      server.counter++;
    }
    return answer(200, { id: 'arunnumber', counter: server.counter, spec: server.spec });
  };

  async ask<T>(work: () => Promise<T>): Promise<T> {
    globalThis.fetch = this.fetch as typeof fetch;
    const answer = await work();
    const { state } = this.saver.getSnapshot();
    if (state.kind === 'conflict') for (const { mine, theirs } of state.conflicts) this.asked.add(`${mine} ${theirs}`);
    return answer;
  }

  value(entryAt: number, name: string): string {
    return this.saver.getSnapshot().spec.entries[entryAt]?.fields[name] ?? '';
  }

  enter(entryAt: number, name: string): void {
    this.leave();
    const text = this.value(entryAt, name);
    this.field = { entryAt, name, from: text, text };
    this.saver.enterField();
  }

  /** Takes over what was typed, and only that. */
  leave(): void {
    const { field } = this;
    this.field = null;
    if (field && field.text !== field.from)
      this.saver.change((now) => changeField(now, now.entries[field.entryAt]!.id, field.name, field.text));
    this.saver.leaveField();
  }
}

type Step =
  | { readonly kind: 'enter'; readonly entryAt: number; readonly name: 'text' | 'note' }
  | { readonly kind: 'type' | 'leave' | 'save' | 'look' | 'offline' | 'online' | 'mine' | 'theirs' }
  | { readonly kind: 'space'; readonly mm: number };

const step: fc.Arbitrary<Step> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({
      kind: fc.constant('enter' as const),
      entryAt: fc.nat(2),
      name: fc.constantFrom('text' as const, 'note' as const),
    }),
  },
  { weight: 6, arbitrary: fc.constant({ kind: 'type' as const }) },
  { weight: 3, arbitrary: fc.constant({ kind: 'leave' as const }) },
  { weight: 3, arbitrary: fc.constant({ kind: 'save' as const }) },
  {
    weight: 2,
    arbitrary: fc.constantFrom({ kind: 'look' as const }, { kind: 'offline' as const }, { kind: 'online' as const }),
  },
  { weight: 1, arbitrary: fc.constantFrom({ kind: 'mine' as const }, { kind: 'theirs' as const }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('space' as const), mm: fc.integer({ min: 1, max: 20 }) }) },
);

const realFetch = globalThis.fetch;
afterAll(() => {
  globalThis.fetch = realFetch;
});

async function take(editor: Editor, one: Step, token: () => string): Promise<void> {
  const { saver } = editor;
  switch (one.kind) {
    case 'enter':
      return editor.enter(one.entryAt, one.name);
    case 'type': {
      const { field } = editor;
      if (field) field.text += token();
      return;
    }
    case 'leave':
      return editor.ask(async () => editor.leave());
    case 'space':
      return editor.ask(async () => saver.change((now) => changeLayout(now, { spacingMm: one.mm })));
    case 'save':
      return editor.ask(async () => void (await saver.flush()));
    case 'look':
      return editor.ask(() => saver.catchUp());
    case 'offline':
      editor.isOffline = true;
      return;
    case 'online':
      editor.isOffline = false;
      return;
    case 'mine':
      return editor.ask(() => saver.keepMine());
    case 'theirs':
      return editor.ask(() => saver.takeTheirs());
  }
}

test('two editors end with the same run, and every letter that was typed is in it or was in a question', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.nat(1), step), { maxLength: 40 }),
      fc.constantFrom<'mine' | 'theirs'>('mine', 'theirs'),
      async (steps, answer) => {
        const server = new Server();
        const editors = [new Editor(server, 'one'), new Editor(server, 'two')] as const;
        const typed: string[] = [];
        const token = () => {
          typed.push(`<${typed.length}>`);
          return typed.at(-1)!;
        };
        for (const [who, one] of steps) {
          const editor = editors[who as 0 | 1];
          const shown = editor.field?.text;
          await take(editor, one, token);
          // Whatever came meanwhile, the field that holds the cursor says what was typed into it.
          if (one.kind === 'save' || one.kind === 'look') expect(editor.field?.text).toBe(shown);
        }
        for (const editor of editors) {
          editor.isOffline = false;
          await editor.ask(async () => editor.leave());
        }
        for (let round = 0; round < 6; round++) {
          for (const editor of editors) {
            await editor.ask(async () => void (await editor.saver.flush()));
            await editor.ask(() => (answer === 'mine' ? editor.saver.keepMine() : editor.saver.takeTheirs()));
            await editor.ask(() => editor.saver.catchUp());
          }
        }
        const [one, two] = editors.map(({ saver }) => saver.getSnapshot());
        expect([one!.state.kind, two!.state.kind]).toEqual(['saved', 'saved']);
        expect(one!.spec).toEqual(server.spec);
        expect(two!.spec).toEqual(server.spec);
        const there = [JSON.stringify(server.spec), ...editors.flatMap(({ asked }) => [...asked])].join(' ');
        for (const letter of typed) expect(there).toContain(letter);
      },
    ),
    { numRuns: NUM_SESSIONS, seed: 20_261_128, endOnFailure: true },
  );
});

test('what is told here as lost would be: a save over another is found by the same measure', () => {
  const mine = changeField(START, START.entries[0]!.id, 'text', 'Ann<0>');
  const theirs = changeField(START, START.entries[0]!.id, 'text', 'Ann<1>');
  const { value, conflicts } = mergeJson(START, mine, theirs);
  expect(JSON.stringify(value)).not.toContain('<1>');
  expect(conflicts.map(({ theirs: said }) => said)).toEqual(['Ann<1>']);
});
