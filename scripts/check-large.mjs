// A list of as many entries as a run may have, through the real interface: `npm run check:large [entries]`. Wants a build.
import { runJourneys } from './journeys.mjs';

const [entries = '20000'] = process.argv.slice(2);
runJourneys(['list-journey', '-g', 'a large list works'], { KNURL_ENTRIES: entries });
