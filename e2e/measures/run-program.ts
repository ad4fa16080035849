import { execFileSync } from 'node:child_process';
import path from 'node:path';
import { build } from 'esbuild';

/** Bundles one of the programs beside this file and runs it by itself: in the test runner pixels take eight times as long. */
export async function runProgram<T>(name: string, outfile: string, args: readonly (string | number)[]): Promise<T> {
  const program = path.resolve('build', outfile);
  await build({
    entryPoints: [`e2e/measures/${name}.ts`],
    outfile: program,
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    packages: 'external',
    logLevel: 'error',
  });
  return JSON.parse(execFileSync(process.execPath, [program, ...args.map(String)], { encoding: 'utf8' })) as T;
}
