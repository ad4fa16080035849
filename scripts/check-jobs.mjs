// Three jobs from the list to cut files, every click and key counted: `npm run check:jobs`. Wants a build.
import { runJourneys } from './journeys.mjs';

runJourneys(['jobs'], {});
