import { existsSync, mkdirSync, renameSync, statSync } from 'node:fs';
import path from 'node:path';
import pino, { type Logger } from 'pino';
import { dataDirOfServer } from './data-dir';
import { LOG_FILE } from '@/store';

/** At start a log larger than this is set aside, and the one set aside before it is dropped. */
const MOST_BYTES = 5_000_000;

const holder = globalThis as typeof globalThis & { knurlLog?: Logger };

/** The server's log: one JSON line a request, with ids and measures, never with a name or a text from a list. */
export function getLog(): Logger {
  holder.knurlLog ??= openLog(dataDirOfServer());
  return holder.knurlLog;
}

function openLog(dataDir: string): Logger {
  mkdirSync(dataDir, { recursive: true });
  const file = path.join(dataDir, LOG_FILE);
  if (existsSync(file) && statSync(file).size > MOST_BYTES) renameSync(file, `${file}.old`);
  return pino({ base: null, timestamp: pino.stdTimeFunctions.isoTime }, pino.destination({ dest: file, sync: true }));
}
