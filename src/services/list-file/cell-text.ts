/** A long member number must not become `1.2e+21`; a sum of tenths not `0.30000000000000004`. */
export function numberText(value: number): string {
  if (Number.isInteger(value) && Math.abs(value) >= 1e21) return BigInt(value).toString();
  return String(Number(value.toPrecision(15)));
}
