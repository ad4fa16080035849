import { checkFits } from './check-fits';
import { checkUnions } from './check-unions';
import { PLACE_KINDS } from './random-places';

/**
 * A program of its own, since pixels take their time: random names in random places against a search by brute force, and joined
 * names against another library's union. Prints a line for each kind of place and one for the unions, then what falls short.
 */
export interface DeepReport {
  readonly kinds: readonly {
    readonly kind: string;
    readonly num: number;
    /** Found size over that of the dense search, which never counts as more than 1. */
    readonly mean: number;
    readonly least: number;
    readonly overMm: number;
    readonly meanMs: number;
  }[];
  /** Told as text: what is more than 2 % below the dense search. */
  readonly short: readonly string[];
  readonly unions: { readonly num: number; readonly worst: number; readonly told: string };
}

const [count = '50', seed = '20261126', pixels = '220'] = process.argv.slice(2);
const fits = checkFits(Number(count), Number(seed), Number(pixels));
const unions = checkUnions(Number(count), Number(seed) + 1);

const report: DeepReport = {
  kinds: PLACE_KINDS.map((kind) => {
    const own = fits.filter((fit) => fit.kind === kind);
    const shares = own.map(({ share }) => Math.min(1, share));
    return {
      kind,
      num: own.length,
      mean: shares.reduce((sum, share) => sum + share, 0) / own.length,
      least: Math.min(...shares),
      overMm: Math.max(...own.map(({ overMm }) => overMm)),
      meanMs: own.reduce((sum, { ms }) => sum + ms, 0) / own.length,
    };
  }),
  short: fits
    .filter(({ share }) => share < 0.98)
    .map(({ share, kind, told }) => `${share.toFixed(4)} ${kind}: ${told}`),
  unions: unions.reduce<DeepReport['unions']>(
    (worst, { share, told }) =>
      Math.abs(share - 1) > Math.abs(worst.worst - 1) ? { num: unions.length, worst: share, told } : worst,
    { num: unions.length, worst: 1, told: '' },
  ),
};
process.stdout.write(`${JSON.stringify(report, null, 1)}\n`);
