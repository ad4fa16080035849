import type { Ending, NewCountdown } from '@/core/countdown';
import type { ColumnChoice } from '@/core/intake';
import type { NewAct } from '@/core/ledger';
import { type Outcome, fail, ok, presentOrThrow } from '@/core/outcome';
import type { Lettering, Motif } from '@/core/shop';
import type { RunSpec } from '@/core/spec';
import type { FaceRequest } from '@/core/suits';
import type { MadePass } from '@/core/freeze';
import type {
  ActAnswer,
  ActAnswers,
  AlternateSample,
  BenchPage,
  BenchView,
  CountdownsView,
  FaceRow,
  KeptFace,
  KeptPhoto,
  ListInput,
  MadePassHead,
  OpenPass,
  PassOnBed,
  PlanAnswer,
  PlannedPass,
  ReadListAnswer,
  ReleaseView,
  RunView,
  SampleAnswer,
  Shelf,
  ShopThingView,
  ShopValues,
} from '@/services';

/** Why a request has no answer to work with. */
export type ApiProblem =
  /** Nothing answered: the server is gone, or the way to it. */
  | { readonly kind: 'serverGone' }
  | {
      readonly kind: 'refused';
      readonly status: number;
      /** The problem's own kind, such as `changedElsewhere`. */
      readonly problem: string;
      /** What happened and what to do, in words for a person. */
      readonly detail: string;
      /** Of `needsPass`: the passes that would be made. */
      readonly passes?: readonly OpenPass[];
      /** Name of the plan in which they lie. */
      readonly plan?: string;
      /** The pass that it speaks of. */
      readonly passNo?: number;
    };

type Answer<T> = Promise<Outcome<T, ApiProblem>>;

async function send<T>(path: string, init?: RequestInit): Answer<T> {
  let response: Response;
  try {
    response = await fetch(path, init);
    // A server that dies in mid-answer leaves a whole head and a broken body: as good as no answer.
    if (response.ok) return ok(response.status === 204 ? (null as T) : ((await response.json()) as T));
  } catch {
    return fail({ kind: 'serverGone' });
  }
  const body = (await response.json().catch(() => ({}))) as Partial<ProblemFacts>;
  return fail({
    kind: 'refused',
    status: response.status,
    problem: body.kind ?? 'unknown',
    detail: body.detail ?? `The server answered ${response.status}.`,
    ...(body.passes ? { passes: body.passes } : {}),
    ...(body.passNo ? { passNo: body.passNo } : {}),
  });
}

interface ProblemFacts {
  readonly kind: string;
  readonly detail: string;
  readonly passes: readonly OpenPass[];
  readonly passNo: number;
}

function withJson(method: string, body: unknown, counter?: number): RequestInit {
  const headers: Record<string, string> = { 'content-type': 'application/json' };
  if (counter !== undefined) headers['if-match'] = `"${counter}"`;
  return { method, headers, body: typeof body === 'string' ? body : JSON.stringify(body) };
}

/**
 * All pages of a bench. Where the run itself was changed meanwhile it is read from its beginning; marks that came in between are in the
 * pages that were read later, and the whole goes by the state of the first, so that whoever follows the run reads on. Reading anew for each
 * mark would never end where many work.
 */
export async function wholeBench(read: (from: number) => Answer<BenchPage>): Answer<BenchView> {
  let pages: BenchPage[] = [];
  for (let from: number | null = 0; from !== null;) {
    const page: Outcome<BenchPage, ApiProblem> = await read(from);
    if (!page.ok) return page;
    const isOther: boolean = pages.some(({ marks }) => marks.spec !== page.value.marks.spec);
    pages = isOther ? [] : [...pages, page.value];
    // Of a server that tells no next page this is all there is.
    from = isOther ? 0 : (page.value.next ?? null);
  }
  const { numAll: _, next: __, ...bench } = presentOrThrow(pages.at(-1), 'a page of the bench');
  const { state, marks } = presentOrThrow(pages.at(0), 'a page of the bench');
  return ok({ ...bench, state, marks, items: pages.flatMap(({ items }) => items) });
}

/** The HTTP interface as functions. Nothing is repeated here: callers know whether repeating is harmless. */
export const api = {
  createRun: (input: { title: string; dueOn: string | null; blankId?: string; letteringId?: string } & ListInput) =>
    send<RunView>('/api/runs', withJson('POST', input)),
  /** `text` is a bundle's JSON as it came from the file. */
  importBundle: (text: string) => send<RunView>('/api/runs', withJson('POST', text)),
  getRun: (id: string) => send<RunView>(`/api/runs/${id}`),
  saveSpec: (id: string, counter: number, spec: RunSpec) =>
    send<RunView>(`/api/runs/${id}`, withJson('PUT', spec, counter)),
  replaceList: (id: string, counter: number, input: ListInput) =>
    send<RunView>(`/api/runs/${id}/list`, withJson('PUT', input, counter)),
  /** A file as a list, with a guess at its columns; nothing is kept of it. */
  readList: (file: File, encoding: string | null = null) =>
    send<ReadListAnswer>(`/api/lists?${new URLSearchParams({ name: file.name, ...(encoding ? { encoding } : {}) })}`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: file,
    }),
  /** A drawing as a motif, with what of it was left out in words; nothing is kept of it. */
  readMotif: (file: File) =>
    send<{ readonly motif: Motif; readonly leftOut: string | null }>(
      `/api/motifs?${new URLSearchParams({ name: file.name })}`,
      { method: 'POST', headers: { 'content-type': 'application/octet-stream' }, body: file },
    ),
  /** What columns under these headers were taken for the last time. */
  columnsKnown: (key: string) =>
    send<{ choice: ColumnChoice | null }>(`/api/lists/columns?key=${encodeURIComponent(key)}`),
  /** A run of its own with this spec, nothing made and nothing done yet. */
  copyOfSpec: (spec: RunSpec) => send<RunView>('/api/runs', withJson('POST', { spec })),
  copyRun: (id: string) => send<RunView>(`/api/runs/${id}/copies`, withJson('POST', {})),
  setArchived: (id: string, isArchived: boolean) =>
    send<null>(`/api/runs/${id}/archived`, withJson('PUT', { isArchived })),
  putLossAway: () => send<null>('/api/health/loss-read', { method: 'POST' }),
  removeRun: (id: string) => send<null>(`/api/runs/${id}`, { method: 'DELETE' }),
  restoreRun: (id: string) => send<null>(`/api/runs/${id}/restored`, withJson('POST', {})),
  thing: <S extends Shelf>(shelf: S, id: string) => send<ShopThingView<ShopValues[S]>>(`/api/shop/${shelf}/${id}`),
  things: <S extends Shelf>(shelf: S) =>
    send<{ readonly [K in S]: ShopThingView<ShopValues[K]>[] }>(`/api/shop/${shelf}`),
  saveThing: <S extends Shelf>(shelf: S, { id, rev, value }: ShopThingView<ShopValues[S]>) =>
    send<ShopThingView<ShopValues[S]>>(`/api/shop/${shelf}/${id}`, withJson('PUT', value, rev)),
  removeThing: (shelf: Shelf, id: string) => send<null>(`/api/shop/${shelf}/${id}`, { method: 'DELETE' }),
  restoreThing: <S extends Shelf>(shelf: S, id: string) =>
    send<ShopThingView<ShopValues[S]>>(`/api/shop/${shelf}/${id}/restored`, withJson('POST', {})),
  letteringSample: (lettering: Lettering, text: string, isMonogram: boolean) =>
    send<{ readonly sample: SampleAnswer | null }>(
      '/api/lettering-samples',
      withJson('POST', { lettering, text, isMonogram }),
    ),
  /** A face on texts, drawn and measured. */
  faceRow: (request: FaceRequest) => send<FaceRow>('/api/face-rows', withJson('POST', request)),
  keepFace: (file: File) =>
    send<KeptFace>(`/api/faces?name=${encodeURIComponent(file.name)}`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: file,
    }),
  letteringAlternates: (lettering: Lettering, text: string) =>
    send<{ readonly alternates: readonly AlternateSample[] }>(
      '/api/lettering-alternates',
      withJson('POST', { lettering, text }),
    ),
  keepPhoto: (jpeg: Blob) =>
    send<KeptPhoto>('/api/photos', { method: 'POST', headers: { 'content-type': 'image/jpeg' }, body: jpeg }),
  plan: (id: string) => send<PlanAnswer>(`/api/runs/${id}/plan`),
  /** With outlines, which only the one that is shown needs. */
  plannedPass: (id: string, no: number) => send<PlannedPass>(`/api/runs/${id}/plan/passes/${no}`),
  passes: (id: string) => send<{ passes: MadePassHead[] }>(`/api/runs/${id}/passes?heads=1`),
  passOnBed: (id: string, no: number) => send<PassOnBed>(`/api/runs/${id}/passes/${no}`),
  /** `plan` names the plan that was shown. */
  makePass: (id: string, passId: string, plan: string | null) =>
    send<MadePass>(`/api/runs/${id}/passes`, withJson('POST', { id: passId, plan })),
  releaseView: (id: string) => send<ReleaseView>(`/api/runs/${id}/releases`),
  release: (id: string, input: { id: string; by: { who: string; station: string } }) =>
    send<ReleaseView>(`/api/runs/${id}/releases`, withJson('POST', input)),
  bench: (id: string, station: string) =>
    wholeBench((from) => send<BenchPage>(`/api/runs/${id}/tally?station=${station}&from=${from}`)),
  /** What is open in the pass that would be made next. */
  nextPass: (id: string) => send<{ next: OpenPass | null }>(`/api/runs/${id}/plan/next`),
  act: (id: string, act: NewAct, answers: ActAnswers) =>
    send<ActAnswer>(`/api/runs/${id}/acts`, withJson('POST', { ...act, ...answers })),
  countdowns: (id: string) => send<CountdownsView>(`/api/runs/${id}/countdowns`),
  startCountdown: (id: string, countdown: NewCountdown) =>
    send<CountdownsView>(`/api/runs/${id}/countdowns`, withJson('POST', countdown)),
  endCountdown: (id: string, countdownId: string, ending: Ending) =>
    send<CountdownsView>(`/api/runs/${id}/countdowns/${countdownId}/ended`, withJson('POST', ending)),
  /** Islands of rings of integers of 0.1 µm. */
  outline: (sha: string) => send<number[][][]>(`/api/outlines/${sha}`),
};
