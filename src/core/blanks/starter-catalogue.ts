import { DEFAULT_BLANK } from '../shop';
import type { RunSpec } from '../spec';
import { CLOTH } from './starter-cloth';
import { HARD } from './starter-hard';

type BlankCopy = RunSpec['shop']['blanks'][number];

/**
 * What a new shop can start from: made-up blanks over cloth, hard goods, leatherette, card and wood. Every measure is a
 * starting point; the blank in hand is measured again.
 */
export const STARTER_BLANKS: readonly BlankCopy[] = [DEFAULT_BLANK, ...CLOTH, ...HARD];
