import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { readMotif } from '@/core/motifs';
import { presentOrThrow } from '@/core/outcome';

/** Reads the drawings that ship anew; a test holds what is written against them. */
const FOLDER = 'src/core/motifs/starters';
const motifs = readdirSync(FOLDER)
  .filter((file) => file.endsWith('.svg'))
  .sort()
  .map((file) => {
    const name = path.basename(file, '.svg');
    const read = readMotif(readFileSync(path.join(FOLDER, file), 'utf8'), name);
    return { id: `motif-${name}`, value: presentOrThrow(read.ok ? read.value.motif : null, file) };
  });
writeFileSync('src/core/motifs/starters.json', `${JSON.stringify(motifs)}\n`);
