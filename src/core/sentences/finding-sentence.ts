import { SHAPE_WORDS } from './form-words';
import type { Finding } from '../finding';
import { assertNever } from '../outcome';
import { codeOf, coverSentence, nameOfCharacter } from './missing-words';
import { METRIC, type Saying, type Units, sayingIn } from './saying';
import { LACKS, dateSentence } from './unmade-words';
import { bedWaysOut, borderWaysOut } from './ways-out';

/** What a finding says to the maker, with what to do where something has to be done. */
export function findingSentence(finding: Finding, units: Units = METRIC): string {
  const say = sayingIn(units);
  switch (finding.kind) {
    case 'nothingToDraw':
      return 'nothing to draw: the text is empty';
    case 'textTooLong':
      return `A text has at most ${finding.most} characters, and this one has more: was a whole list pasted into one line?`;
    case 'unprintable':
      return `holds characters that nothing can be cut for (${finding.codes.map(codeOf).join(' ')}): type the text anew`;
    case 'characterMissing':
      return `${finding.characters.map(nameOfCharacter).join(' ')} missing in this face: ${coverSentence(finding.coveredBy)}`;
    case 'faceAbsent':
      return finding.faceNames.length === 1
        ? `its face, ${finding.faceNames.join()}, is not in this shop: bring its file in under Shop, Faces, or choose another lettering`
        : `its faces, ${finding.faceNames.join(' and ')}, are not in this shop: bring their files in under Shop, Faces, or choose another lettering`;
    case 'thinStroke':
      return `thinnest stroke ${takes(finding, say)}: ${passesWords(finding.passesAtMm, say)}, a bolder face or another material`;
    case 'narrowGap':
      if (finding.closes) return `a gap closes to a point where letters join: weed it from its wide end`;
      return `narrowest gap ${takes(finding, say)}: ${passesWords(finding.passesAtMm, say)}, or more tracking where letters do not join`;
    case 'smallHole':
      return `smallest hole ${takes(finding, say)}: ${passesWords(finding.passesAtMm, say)}, or another face`;
    case 'borderCloses':
      return `a border of ${say.apart(finding.reachMm, finding.passesReachMm ?? 0, 2)[0]} closes ${holesWords(finding)}: ${borderWaysOut(finding, say)}`;
    case 'borderJoins':
      return `a border of ${say.length(finding.reachMm)} makes ${finding.numLeft} of ${finding.numParts} parts: ${joinWaysOut(finding, say)}`;
    case 'crumbs':
      return `${finding.numCrumbs} of ${finding.numParts} parts are nowhere as wide as the material takes (${say.length(finding.leastMm)}): larger letters, another distance, or a bolder face`;
    case 'lettersNear': {
      const [gap, least] = say.apart(finding.gapMm, finding.leastMm, 2);
      return `${finding.letters.join(' and ')} ${finding.gapMm > 0 ? `stand ${gap} apart` : 'touch'}, the material takes ${least}: more tracking, or larger letters`;
    }
    case 'lettersUnjoined':
      return `${quoted(finding.pairs)} ${finding.pairs.length === 1 ? 'does' : 'do'} not join, as letters of this face do: off the film they come apart`;
    case 'lowFigures':
      return `this face ${lowWords(finding).join(' and ')}: another lettering for years and dates`;
    case 'lowContrast':
      return finding.why === 'clash'
        ? `${finding.film} on ${finding.blank} looks like a failed match: another film, or a blank of another colour`
        : `${finding.film} on ${finding.blank} is hard to read: a lighter or a darker film`;
    case 'filmOver':
      return `nothing holds on ${finding.below}: ${finding.film} wants another film below it`;
    case 'lettersOver':
      return `${finding.numOver === 1 ? '1 letter lies' : `${finding.numOver} letters lie`} over a neighbour, and each is a piece of its own: cut them in one piece, or give them more tracking`;
    case 'letterInAnother':
      return `${quoted(finding.letters)} is drawn in one shape with its neighbour and cannot be a piece of its own: cut the letters in one piece`;
    case 'filmUnsuited':
      return unsuitedSentence(finding, say);
    case 'largerThanBed':
      return `${say.pair(finding.widthMm, finding.heightMm)}, and the bed holds ${say.pair(finding.roomWidthMm, finding.roomHeightMm)}: ${bedWaysOut(finding, say)}`;
    case 'belowOwn':
      return `its place holds ${apart([finding.mm, finding.askedMm, 'of the'], say)} that you chose for its ${finding.by === 'width' ? 'width' : 'letter height'}`;
    case 'tooSmall':
      return `${capitalsOf(finding.at)} would be ${apart([finding.capHeightMm, finding.leastMm, 'the least is'], say)}: shorten the text, choose a narrower lettering or a larger place`;
    case 'monogramUnformed':
      return `${finding.numLetters === 1 ? '1 letter does' : `${finding.numLetters} letters do`} not make “${SHAPE_WORDS[finding.shape]}” and ${finding.numLetters === 1 ? 'stands' : 'stand'} in a row: another form, or other letters`;
    case 'strokesUneven':
      return `“${SHAPE_WORDS[finding.shape]}” makes thick strokes ${timesWords(finding.times, finding.most)} times as thick against thin ones as they are drawn, and ${finding.most} times still looks well: another form, or the monogram in another face`;
    case 'bendCrowds':
      return `bent to a radius of ${say.length(finding.radiusMm)}, its ${finding.side} crowd by ${Math.round(finding.crowdedPct)} %: from ${say.length(finding.leastRadiusMm)} on that is not seen`;
    case 'unreadQuantity':
      return `“${finding.said}” is no number of pieces: one is made until you type how many`;
    case 'monogramUnmade':
      return `no monogram: ${LACKS[finding.lacks]}`;
    case 'dateUnread':
      return dateSentence(finding.why, finding.said);
    case 'partMissing':
      return `the list says no ${finding.part} for it: it is cut without`;
    case 'changedSinceProof':
      return `ticked on the proof as “${finding.was}”, and reads otherwise now: show it again`;
    case 'variantMissing':
      return variantSentence(finding);
    case 'placePast':
      return pastSentence(finding, say);
    case 'filmMissing':
      return `no film is named for “${finding.said}” in “${finding.field}”: name one, for all alike`;
    case 'placeUnusable':
      return 'the measures of its place leave no room for lettering: mend them on Blank';
    case 'belowSet':
      return `its place holds capitals of ${apart([finding.capHeightMm, finding.setMm, 'the set has'], say)}`;
    case 'extenderCosts':
      return `a descender or an accent costs ${say.length(finding.costMm)} of letter height`;
    case 'largerOffMiddle':
      return `off the middle of its place by ${say.length(finding.offMm)} it could be ${Math.round(finding.largerPct)} % larger`;
    case 'offMiddle':
      return `lies ${offWords(finding, say)} the middle of its place; in the middle it would be ${finding.isMore ? 'more than ' : ''}${Math.round(finding.smallerPct)} % smaller`;
    case 'loopClosed':
      return `with “${finding.zone}” in the loop of a letter it could be ${Math.round(finding.largerPct)} % larger: let it lie there on Blank`;
    default:
      return assertNever(finding);
  }
}

/** Never rounded to the limit that it is over. */
function timesWords(times: number, most: number): string {
  const shown = times.toFixed(1);
  return Number(shown) > most ? shown : times.toFixed(2);
}

function quoted(texts: readonly string[]): string {
  return texts.map((text) => `“${text}”`).join(', ');
}

/** Which capitals: of a line that is named, its own. */
function capitalsOf(at: Finding['at']): string {
  return at?.line === undefined ? 'capitals' : `capitals of line ${at.line + 1}`;
}

/** The same in a few words, for a row in which the whole would hide the others. */
export function findingWords(finding: Finding, units: Units = METRIC): string {
  const say = sayingIn(units);
  switch (finding.kind) {
    case 'nothingToDraw':
      return 'empty';
    case 'textTooLong':
      return `over ${finding.most} characters`;
    case 'unprintable':
      return `unreadable ${finding.codes.map(codeOf).join(' ')}`;
    case 'characterMissing':
      return `no ${finding.characters.map(nameOfCharacter).join(' ')} in this face`;
    case 'faceAbsent':
      return `no ${finding.faceNames.join(', ')} here`;
    case 'thinStroke':
      return `stroke ${say.apart(finding.widthMm, finding.leastMm, 2)[0]}`;
    case 'narrowGap':
      return `gap ${say.apart(finding.widthMm, finding.leastMm, 2)[0]}`;
    case 'smallHole':
      return `hole ${say.apart(finding.widthMm, finding.leastMm, 2)[0]}`;
    case 'borderCloses':
      return `${say.length(finding.reachMm)} border closes ${holesWords(finding)}`;
    case 'borderJoins':
      return `border makes ${finding.numLeft} of ${finding.numParts} parts`;
    case 'crumbs':
      return finding.numCrumbs === 1 ? '1 crumb' : `${finding.numCrumbs} crumbs`;
    case 'lettersNear':
      return `${finding.letters.join('')} ${finding.gapMm > 0 ? `${say.apart(finding.gapMm, finding.leastMm, 2)[0]} apart` : 'touch'}`;
    case 'lettersUnjoined':
      return `${quoted(finding.pairs)} not joined`;
    case 'lowFigures':
      return `uneven figures ${[...finding.figures, ...finding.hanging].join(' ')}`;
    case 'lowContrast':
      return `${finding.film} on ${finding.blank}`;
    case 'filmOver':
      return `on ${finding.below}`;
    case 'lettersOver':
      return `${finding.numOver} over a neighbour`;
    case 'letterInAnother':
      return `${finding.letters.join('')} has no shape of its own`;
    case 'filmUnsuited':
      return `${finding.film} unsuited`;
    case 'largerThanBed':
      return 'larger than the bed';
    case 'belowOwn':
      return say.apart(finding.mm, finding.askedMm).join(' of ');
    case 'tooSmall':
      return `${capitalsOf(finding.at)} ${say.apart(finding.capHeightMm, finding.leastMm)[0]}`;
    case 'monogramUnformed':
      return `not “${SHAPE_WORDS[finding.shape]}”`;
    case 'strokesUneven':
      return `strokes ${timesWords(finding.times, finding.most)} times as uneven`;
    case 'bendCrowds':
      return `${finding.side} crowd by ${Math.round(finding.crowdedPct)} %`;
    case 'unreadQuantity':
      return `“${finding.said}” is no number`;
    case 'monogramUnmade':
      return 'no monogram';
    case 'dateUnread':
      return finding.said === '' ? 'no date' : `date “${finding.said}”`;
    case 'partMissing':
      return `no ${finding.part}`;
    case 'changedSinceProof':
      return 'changed after the proof';
    case 'variantMissing':
      return finding.said === '' ? `no ${PART_WORDS[finding.part]}` : `no blank “${finding.said}”`;
    case 'placePast':
      return finding.past === 'angle' ? 'wider than what is seen' : `past the ${finding.past}`;
    case 'filmMissing':
      return `no film “${finding.said}”`;
    case 'placeUnusable':
      return 'no room in its place';
    case 'belowSet':
      return `smaller than the set`;
    case 'extenderCosts':
      return `extender costs ${say.length(finding.costMm)}`;
    case 'largerOffMiddle':
      return `${Math.round(finding.largerPct)} % larger off the middle`;
    case 'offMiddle':
      return `${offWords(finding, say)} the middle`;
    case 'loopClosed':
      return `${Math.round(finding.largerPct)} % larger around “${finding.zone}”`;
    default:
      return assertNever(finding);
  }
}

function unsuitedSentence({ film, why, has, least }: Extract<Finding, { kind: 'filmUnsuited' }>, say: Saying): string {
  switch (why) {
    case 'tooHot':
      return `${film} wants at least ${say.heat(least)}, and the blank bears ${say.heat(has)}: a film that melts lower, or another blank`;
    case 'littlePolyester':
      return `${film} goes into polyester alone, and the blank has ${has} % of it, at least ${least} % wanted: a film instead, or another blank`;
    case 'dark':
      return `${film} does not show on a dark blank: a film instead, or a light blank`;
  }
}

/** `2 of 3 holes`. */
function holesWords({ numClosed, numHoles }: Extract<Finding, { kind: 'borderCloses' }>): string {
  return numHoles === 1 ? 'its hole' : `${numClosed} of ${numHoles} holes`;
}

function joinWaysOut({ apartUnderMm, apartAtMm }: Extract<Finding, { kind: 'borderJoins' }>, say: Saying): string {
  const ways = [
    ...(apartUnderMm < LEAST_SAID_MM ? [] : [`under ${say.length(apartUnderMm)}`]),
    ...(apartAtMm === null ? [] : [`with capitals over ${say.length(apartAtMm)}`]),
  ];
  return ways.length === 0 ? 'they stand too near to be apart' : `${ways.join(', or ')}, each has one of its own`;
}

const LEAST_SAID_MM = 0.1;

/** `0.96 mm, the material takes 1.00 mm`. */
function takes({ widthMm, leastMm }: { readonly widthMm: number; readonly leastMm: number }, say: Saying): string {
  const [width, least] = say.apart(widthMm, leastMm, 2);
  return `${width}, the material takes ${least}`;
}

function apart([mm, limitMm, between]: readonly [number, number, string], say: Saying): string {
  const [figure, limit] = say.apart(mm, limitMm);
  return `${figure}${between.startsWith('of') ? '' : ','} ${between} ${limit}`;
}

/** What tops and feet do, each by itself. */
function lowWords({ figures, hanging }: Extract<Finding, { kind: 'lowFigures' }>): readonly string[] {
  return [
    ...(figures.length > 0 ? [`draws ${figures.join(' ')} lower than its capitals`] : []),
    ...(hanging.length > 0 ? [`lets ${hanging.join(' ')} hang below the line`] : []),
  ];
}

/** `3.1 mm right and 12 mm below`; figures as the place is seen. */
function offWords({ acrossMm, downMm }: Extract<Finding, { kind: 'offMiddle' }>, say: Saying): string {
  const across = `${say.length(Math.abs(acrossMm))} ${acrossMm > 0 ? 'right of' : 'left of'}`;
  const down = `${say.length(Math.abs(downMm))} ${downMm > 0 ? 'below' : 'above'}`;
  const said = [Math.abs(acrossMm) >= LEAST_TOLD_MM && across, Math.abs(downMm) >= LEAST_TOLD_MM && down];
  return said.filter((words) => words !== false).join(' and ');
}

/** Less is within what hands can lay. */
const LEAST_TOLD_MM = 0.1;

function passesWords(passesAtMm: number | null, say: Saying): string {
  return passesAtMm === null ? 'larger letters' : `capitals of ${say.length(passesAtMm)}`;
}

const PART_WORDS = { size: 'size', colour: 'colour', both: 'colour' } as const;

function variantSentence({ part, said, has }: Extract<Finding, { kind: 'variantMissing' }>): string {
  const word = PART_WORDS[part];
  const there = `it comes in ${has.map((one) => one || 'no size').join(', ')}`;
  if (said === '') return `the list says no ${word}, and the blank comes in several (${has.join(', ')}): type which`;
  if (part === 'both')
    return `the blank does not come in “${said}” in this size (${there}): change the list, or add it under Blank`;
  return `the blank does not come in the ${word} “${said}” (${there}): change the list, or add it under Blank`;
}

function pastSentence({ past, side, byMm }: Extract<Finding, { kind: 'placePast' }>, say: Saying): string {
  const by = say.length(byMm);
  if (past === 'angle')
    return `its place is ${by} wider than what faces the reader: lettering keeps to what is seen, so a narrower place would say the same`;
  const where =
    past === 'hem'
      ? 'beyond the hem'
      : past === 'fold'
        ? `past the fold at the ${side}`
        : `over the blank’s ${side} edge`;
  return `its place reaches ${by} ${where}, where nothing is read: move it or make it smaller on Blank`;
}
