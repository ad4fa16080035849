// A disk that is full or can only be read, and damage of every kind, to a server at work: `npm run check:faults`. Wants a build.
import { runJourneys } from './journeys.mjs';

runJourneys(['faults'], {});
