// Kills the server in the middle of marks and saves as often as wanted: `npm run check:kills 150`. Wants a build.
import { runJourneys } from './journeys.mjs';

const [count = '150'] = process.argv.slice(2);
runJourneys(['kill-nine', '-g', 'random moments'], { KNURL_KILLS: count });
