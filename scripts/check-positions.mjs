// Holds card, bench, template, proof, beds and fits against each other at as many made-up places as wanted:
// `npm run check:positions 200 [seed]`. Wants a build.
import { runJourneys } from './journeys.mjs';

const [count = '200', seed] = process.argv.slice(2);
runJourneys(['one-position'], { KNURL_PLACES: count, ...(seed ? { KNURL_SEED: seed } : {}) });
