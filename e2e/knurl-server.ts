import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** The real server process on a folder of its own, to be driven, killed and started again by a test. */
export class KnurlServer {
  #process: ChildProcess | null = null;
  #stderr = '';

  private constructor(
    readonly port: number,
    readonly dataDir: string,
  ) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  get stderr(): string {
    return this.#stderr;
  }

  static async start(dataDir = mkdtempSync(path.join(tmpdir(), 'knurl-e2e-'))): Promise<KnurlServer> {
    const server = new KnurlServer(await freePort(), dataDir);
    await server.startAgain();
    return server;
  }

  /** Starts where it cannot: what it says as it ends. */
  static async refused(dataDir: string): Promise<string> {
    const server = new KnurlServer(await freePort(), dataDir);
    const started = await server.startAgain().then(
      () => true,
      () => false,
    );
    if (!started) return server.stderr;
    await server.kill9();
    throw new Error('the server started, though it should not have');
  }

  async startAgain(): Promise<void> {
    const words = [
      'node_modules/next/dist/bin/next',
      'start',
      '-H',
      '127.0.0.1',
      '-p',
      String(this.port),
      '--keepAliveTimeout',
      '65000',
    ];
    this.#process = spawn(process.execPath, words, {
      stdio: ['ignore', 'ignore', 'pipe'],
      env: { ...process.env, NODE_ENV: 'production', KNURL_DATA_DIR: this.dataDir, KNURL_URL: this.url },
    });
    this.#process.stderr?.on('data', (text) => {
      this.#stderr += String(text);
    });
    const limit = Date.now() + 30_000;
    while (Date.now() < limit) {
      if (await isHealthy(this.url)) return;
      if (this.#process.exitCode !== null) throw new Error(`the server ended: ${this.#stderr}`);
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    throw new Error(`the server did not answer: ${this.#stderr}`);
  }

  /** As a power cut would: the process gets no chance to tidy up. */
  async kill9(): Promise<void> {
    await this.#end('SIGKILL');
  }

  async stop(): Promise<void> {
    await this.#end('SIGTERM');
    rmSync(this.dataDir, { recursive: true, force: true });
  }

  async #end(signal: 'SIGKILL' | 'SIGTERM'): Promise<void> {
    const ending = this.#process;
    if (!ending || ending.exitCode !== null || ending.signalCode !== null) return;
    const ended = new Promise((resolve) => ending.once('exit', resolve));
    ending.kill(signal);
    await ended;
  }
}

/** A server that cannot write says so with 503, and is there. */
async function isHealthy(url: string): Promise<boolean> {
  try {
    const { ok, status } = await fetch(`${url}/api/health`);
    return ok || status === 503;
  } catch {
    return false;
  }
}

function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      const port = typeof address === 'object' && address ? address.port : 0;
      probe.close(() => resolve(port));
    });
  });
}
