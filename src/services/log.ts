import { existsSync, mkdirSync, openSync, renameSync, statSync } from 'node:fs';
import path from 'node:path';
import pino, { type Logger } from 'pino';
import { LOG_FILE } from '@/store';
import { dataDirOfServer } from './data-dir';

/** At start a log larger than this is set aside, and the one set aside before it is dropped. */
const MOST_BYTES = 5_000_000;

/** What a log that cannot be written has waiting is dropped beyond this. */
const MOST_WAITING_BYTES = 1_000_000;

const holder = globalThis as typeof globalThis & { knurlLog?: Logger };

/**
 * The server's log: one JSON line a request, with ids and measures, never with a name or a text from a list. It is written beside
 * all else: a log that cannot be written fails no request and keeps none waiting.
 */
export function getLog(): Logger {
  holder.knurlLog ??= openLog(dataDirOfServer());
  return holder.knurlLog;
}

/** A log in a folder: what stands there and is no file, such as a pipe, would keep whoever opens it waiting. */
export function openLog(dataDir: string): Logger {
  try {
    mkdirSync(dataDir, { recursive: true });
    const dest = path.join(dataDir, LOG_FILE);
    if (existsSync(dest) && !statSync(dest).isFile()) return silent();
    if (existsSync(dest) && statSync(dest).size > MOST_BYTES) renameSync(dest, `${dest}.old`);
    return openLogAt(dest);
  } catch {
    return silent();
  }
}

export function openLogAt(file: string): Logger {
  try {
    // Opened here: what could not be opened would throw at every line that is written to it.
    const dest = openSync(file, 'a');
    const stream = pino.destination({ dest, sync: false, maxLength: MOST_WAITING_BYTES, retryEAGAIN: () => false });
    stream.on('error', () => undefined);
    return pino({ base: null, timestamp: pino.stdTimeFunctions.isoTime }, stream);
  } catch {
    return silent();
  }
}

function silent(): Logger {
  return pino({ enabled: false });
}
