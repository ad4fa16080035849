import { faceSentence } from './face-problem';
import { drawingSentence } from './drawing-problem';
import { fileSentence } from './file-problem';
import { assertNever } from '@/core/outcome';
import type { CountdownKind } from '@/core/countdown';
import {
  type InputIssue,
  type JobEnd,
  type OpenPass,
  type ServiceProblem,
  type StoreFault,
  faultWords,
} from '@/services';

/** RFC 9457. `kind` is for programs, `detail` for people, `errors` names fields and rows. */
export interface ProblemBody {
  readonly type: 'about:blank';
  readonly kind: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly field?: string;
  readonly row?: number;
  readonly errors?: readonly InputIssue[];
  /** Of `needsPass`: the passes that would be made. */
  readonly passes?: readonly OpenPass[];
  /** Name of the plan in which they lie. */
  readonly plan?: string;
  readonly passNo?: number;
  /** Of what was asked for, and is not there or another’s: for programs, which people never see. */
  readonly id?: string;
  readonly requestId?: string;
}

export type HttpProblem =
  | ServiceProblem
  | { readonly kind: 'foreignHost' | 'foreignOrigin' | 'noSuchAddress' | 'needsIfMatch' | 'notJson' | 'crashed' }
  /** The disk or the database, not the program. */
  | { readonly kind: 'storeFault'; readonly fault: StoreFault }
  /** A computation was ended, since it took more than one may. */
  | { readonly kind: 'jobEnded'; readonly end: JobEnd }
  | { readonly kind: 'bodyTooLarge'; readonly mostBytes: number };

type Told = readonly [status: number, title: string, detail: string];

/** What happened and what to do, in one or two plain sentences. */
function tell(problem: HttpProblem): Told {
  switch (problem.kind) {
    case 'runNotFound':
      return [404, 'No such run', 'There is no such run; it may have been removed. All runs stand on the first page.'];
    case 'countdownNotFound':
      return [404, 'No such countdown', 'This run has no such countdown.'];
    case 'tooManyCountdowns':
      return [
        409,
        'Too many countdowns',
        `${problem.most} countdowns run in this run already. Wait until one has run out, or end one early.`,
      ];
    case 'stillRunning':
      return [409, 'Its countdown still runs', stillSentence(problem)];
    case 'passNotFound':
      return [
        404,
        'No such pass',
        `Pass ${problem.no} is not made. ${problem.lastNo === 0 ? 'No pass is made yet' : `The last one is ${problem.lastNo}`}; making a pass gives it its file.`,
      ];
    case 'passNotPlanned':
      return [404, 'No such pass', `No pass ${problem.no} is planned now. Look at the plan once more.`];
    case 'outlineNotFound':
      return [404, 'No such outline', 'No outline of this hash is kept.'];
    case 'shopThingNotFound':
      return [
        404,
        `No such ${problem.word}`,
        `The shop has no such ${problem.word}; it may have been removed. Its shelf has those there are.`,
      ];
    case 'shelfNotFound':
      return [404, 'No such shelf', `A shop has no ${problem.shelf}; it has ${problem.has.join(', ')}.`];
    case 'photoNotFound':
      return [404, 'No such photo', 'No photo of this hash is kept.'];
    case 'badPhoto':
      return [
        422,
        'The photo cannot be kept',
        problem.why === 'noJpeg'
          ? 'It is no whole JPEG. Take the picture again, or save it as JPEG where it opens.'
          : `It has ${problem.widthPx} × ${problem.heightPx} pixels; at most ${problem.mostPx} on the longest side are kept. Make it smaller and send it again.`,
      ];
    case 'changedElsewhere':
      return [
        412,
        'Changed elsewhere',
        `You changed state ${problem.yourCounter} of it; by now it is at ${problem.counter}. Read it again and repeat your change.`,
      ];
    case 'unreadableFile':
      return [
        422,
        'The file cannot be read as a list',
        `${problem.fileName} ${fileSentence(problem.file)} Nothing was taken in.`,
      ];
    case 'motifRefused':
      return [
        422,
        'The drawing cannot be taken as a motif',
        `${problem.fileName} ${drawingSentence(problem.drawing)} Nothing was taken in.`,
      ];
    case 'faceRefused':
      return [
        422,
        'The file cannot be taken as a face',
        `${problem.fileName} ${faceSentence(problem.face)} Nothing was taken in.`,
      ];
    case 'faceNotFound':
      return [404, 'No such face', 'No file of a face is kept by this hash. Bring the face in again.'];
    case 'brokenJson':
      return [400, 'Broken JSON', `The body is not JSON: ${problem.message}.`];
    case 'noBundle':
      return [400, 'No bundle', 'The body does not say that it is a bundle.'];
    case 'invalidInput':
      return [422, 'Something in the input is not right', issuesSentence(problem.issues)];
    case 'nothingToRelease':
      return [
        409,
        'Nothing to release',
        problem.numStopped > 0
          ? `All ${problem.numStopped} pieces have an open stop. Remedy one on Fit, or keep it with a reason, and release again.`
          : 'The run has no text to cut yet. Add entries on Roster and release again.',
      ];
    case 'nothingToMake':
      return [409, 'Nothing left to make', nothingSentence(problem)];
    case 'idTaken':
      return [409, 'Id already used', `The id of this ${problem.what} already belongs to another one. Make a new id.`];
    case 'unknownTarget':
      return [
        422,
        `No such ${problem.what}`,
        `This run has no such ${problem.what}; it may have been changed meanwhile. Look again, then repeat it.`,
      ];
    case 'notCuttable':
      return [
        409,
        'Not in any pass',
        `${problem.text ? `“${problem.text}”` : 'The piece'} has an open stop or is larger than the bed, so it lies in no pass and cannot be marked. Remedy it on Fit first.`,
      ];
    case 'needsPass':
      return [
        409,
        'A pass has to be made',
        `What is marked lies in no made pass. ${problem.passes.map(openSentence).join(' ')} Making a pass keeps its outlines for good: send the act again with "mayMake": true if it may be made.`,
      ];
    case 'filmOpen':
      return [
        409,
        'Which film?',
        `Nobody has said yet which film in ${problem.films.join(', ')} is laid. Choose it on Sheets, on the slip of its pass, then make the pass.`,
      ];
    case 'otherPlan':
      return [
        409,
        'The plan has changed',
        'The passes are laid out otherwise than they were shown, so that none was made. Look at them once more, then make the pass.',
      ];
    case 'passUnmade':
      return [
        problem.isFile ? 410 : 409,
        'The pass was unmade',
        `Pass ${problem.no} was taken back, so that nothing of it counts and its cut file is not given out. Its pieces lie in the passes that come; if it was cut all the same, undo its unmaking first.`,
      ];
    case 'passMarked':
      return [
        409,
        'Marks stand on the pass',
        `Of pass ${problem.no} something is marked: ${problem.texts.slice(0, MOST_TOLD).join(', ')}${problem.texts.length > MOST_TOLD ? ` and ${problem.texts.length - MOST_TOLD} more` : ''}. A pass can be unmade until something of it is cut; undo those marks first if they were a slip.`,
      ];
    case 'wasItCut':
      return [
        409,
        'Was it cut?',
        `The cut file of pass ${problem.no} was taken. If it was cut, leave the pass as it is and mark it at the bench; if it was not, send the act again with "notCut": true.`,
      ];
    case 'laidOutAnew':
      return [
        409,
        'Laid out anew meanwhile',
        `Pass ${problem.no} cannot come back: its pieces lie in pass ${problem.laidInNo} by now. Unmake that one first, or go on with it.`,
      ];
    case 'notTheCurrentCutting':
      return [
        409,
        'Another cutting counts now',
        `The mark speaks of cutting ${problem.attempt} of “${problem.text}”; cutting ${problem.current} counts now. Look again and repeat the mark.`,
      ];
    default:
      return tellTransport(problem);
  }
}

function tellTransport(problem: Exclude<HttpProblem, ServiceProblem>): Told {
  switch (problem.kind) {
    case 'foreignHost':
      return [403, 'Refused', 'Knurl answers only under localhost and 127.0.0.1.'];
    case 'foreignOrigin':
      return [403, 'Refused', 'The request comes from a page of another origin. Open Knurl in its own tab.'];
    case 'noSuchAddress':
      return [404, 'No such address', 'The interface has no such address; docs/http.md lists all of them.'];
    case 'needsIfMatch':
      return [428, 'State missing', 'Send the ETag of what you read as If-Match, so that nobody is overwritten.'];
    case 'notJson':
      return [415, 'Not JSON', 'Send the body as application/json.'];
    case 'bodyTooLarge':
      return [
        413,
        'Too large',
        `The body is larger than ${Math.round(problem.mostBytes / 1_000_000)} MB. Split it up.`,
      ];
    case 'storeFault': {
      const { title, detail } = faultWords(problem.fault);
      return [FAULT_STATUS[problem.fault.kind], title, detail];
    }
    case 'jobEnded':
      return [
        422,
        'Too much at once',
        `${problem.end.kind === 'tookTooLong' ? `Computing this took more than ${problem.end.seconds} s` : 'Computing this took more memory than one run may'} and was ended; nothing was changed. Split the list into several runs, or take letterings with fewer points.`,
      ];
    case 'crashed':
      return [500, 'Knurl made a mistake', 'Nothing was changed. Try again; the log has this request id.'];
    default:
      return assertNever(problem);
  }
}

const FAULT_STATUS: Record<StoreFault['kind'], number> = {
  diskFull: 507,
  readOnly: 503,
  diskFails: 503,
  damaged: 503,
  // The run is there and not to be had with this program: asking again helps nobody.
  newerRun: 409,
  unreadableRun: 409,
};

const DOING: Record<CountdownKind, string> = {
  dryOut: 'is being dried out',
  press: 'lies in the press',
  cool: 'cools before it is peeled',
  backSide: 'is pressed from the back',
  again: 'is pressed again',
  cure: 'cures',
};

function stillSentence({ doing, text, secondsToGo, seconds }: Extract<HttpProblem, { kind: 'stillRunning' }>): string {
  return `“${text}” ${DOING[doing]}: ${secondsToGo} of ${seconds} s are left. Wait for it, or end its countdown early with a reason, then mark it again.`;
}

const MOST_TOLD = 4;

function openSentence({ no, numPieces, notReleased, notProofed, checks }: OpenPass): string {
  const told = [
    [notReleased, 'not released'],
    [notProofed, 'not ticked on the proof'],
    [checks, 'with an open check'],
  ] as const;
  const open = told.flatMap(([{ num }, words]) => (num > 0 ? `${num} ${words}` : []));
  return `It would make pass ${no} of ${numPieces} ${numPieces === 1 ? 'piece' : 'pieces'}${open.length > 0 ? `: ${open.join(', ')}` : ''}.`;
}

function issuesSentence(issues: readonly InputIssue[]): string {
  const [first] = issues;
  if (!first) return 'The input was refused.';
  // Ids and hashes are for programs, which find the whole path beside the sentence.
  const field = first.field.replace(/^(outlines|attachments|acts|passes|releases)\.(?!\d+$)[^.]+$/, '$1');
  const at = first.row === null ? field : `${field}, row ${first.row}`;
  const more = issues.length > 1 ? ` And ${issues.length - 1} more.` : '';
  return `${at}: ${first.message}${more}`;
}

function nothingSentence({ numStopped, numTooLarge }: { numStopped: number; numTooLarge: number }): string {
  if (numStopped === 0 && numTooLarge === 0) return 'Every piece lies in a made pass already.';
  const stopped = numStopped > 0 ? `${numStopped} with an open stop` : '';
  const large = numTooLarge > 0 ? `${numTooLarge} larger than the bed` : '';
  return `All pieces that can be cut lie in made passes. Left out: ${[stopped, large].filter(Boolean).join(', ')}.`;
}

/** What a program needs to answer a question. */
function factsOf(problem: HttpProblem): Pick<ProblemBody, 'passes' | 'plan' | 'passNo' | 'id'> {
  if (problem.kind === 'needsPass') return { passes: problem.passes, plan: problem.plan };
  return { ...('no' in problem ? { passNo: problem.no } : {}), ...('id' in problem ? { id: problem.id } : {}) };
}

export function problemBody(problem: HttpProblem): ProblemBody {
  const [status, title, detail] = tell(problem);
  const issues = problem.kind === 'invalidInput' ? problem.issues : [];
  const [first] = issues;
  return {
    type: 'about:blank',
    kind: problem.kind === 'storeFault' ? problem.fault.kind : problem.kind,
    title,
    status,
    detail,
    ...factsOf(problem),
    ...(first ? { field: first.field, errors: issues } : {}),
    ...(first && first.row !== null ? { row: first.row } : {}),
  };
}
