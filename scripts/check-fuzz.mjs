// Sends spoilt inputs to a server, as many as wanted and by a seed: `npm run check:fuzz 3000 7`. Wants a build.
import { runJourneys } from './journeys.mjs';

const [count = '3000', seed = '20261128'] = process.argv.slice(2);
runJourneys(['hostile'], { KNURL_INPUTS: count, KNURL_SEED: seed });
