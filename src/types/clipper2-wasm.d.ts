// The package's `types` entry points at a file that is not there; the real declarations lie one folder higher.
declare module 'clipper2-wasm' {
  import type { MainModule } from 'clipper2-wasm/dist/clipper2z';
  export default function ClipperFactory(): Promise<MainModule>;
}
