import { zipSync, strToU8 } from 'fflate';

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** Values that break what does not look at them. */
const ODD: readonly (() => Json)[] = [
  () => null,
  () => true,
  () => -1,
  () => 0.1,
  () => 1e308,
  () => Number.MAX_SAFE_INTEGER,
  () => '',
  () => '__proto__',
  () => 'constructor',
  () => '\u0000',
  () => '\ud800',
  () => '\u202eabc',
  () => '../../etc/passwd',
  () => "'; DROP TABLE run; --",
  () => '<script>alert(1)</script>',
  () => '{{{{{{text}}}}}}',
  () => 'x'.repeat(70_000),
  () => '𓀀'.repeat(500),
  () => [],
  () => ({}),
  () => Array.from({ length: 2000 }, (_, i) => i),
  () => nested(400),
  () => JSON.parse('{"__proto__": {"polluted": true}, "constructor": {"prototype": {"polluted": true}}}') as Json,
  () => '9999-12-31',
  () => '2026-02-30',
];

function nested(depth: number): Json {
  let value: Json = 'deep';
  for (let i = 0; i < depth; i++) value = i % 2 === 0 ? [value] : { a: value };
  return value;
}

const pick = <T>(random: () => number, from: readonly T[]): T => from[Math.floor(random() * from.length)]!;

/** A copy with one to three spots that say something odd, are missing or stand there twice. */
export function spoiltJson(good: unknown, random: () => number): unknown {
  const copy = structuredClone(good) as Json;
  let root: Json = copy;
  for (let i = 0; i < 1 + random() * 3; i++) {
    const spots = spotsOf(root);
    const spot = pick(random, spots);
    if (!spot) {
      root = pick(random, ODD)();
      continue;
    }
    const { holder, key } = spot;
    const deed = random();
    if (deed < 0.7) (holder as Record<string, Json>)[key] = pick(random, ODD)();
    else if (deed < 0.85 && !Array.isArray(holder)) delete (holder as Record<string, Json>)[key];
    else if (Array.isArray(holder)) holder.push(structuredClone(holder[Number(key)]!));
    else (holder as Record<string, Json>)[`${key} again`] = (holder as Record<string, Json>)[key]!;
  }
  return root;
}

interface Spot {
  readonly holder: Json[] | { [key: string]: Json };
  readonly key: string;
}

/** Not all of a large one: a few hundred are enough to choose from. */
function spotsOf(value: Json, found: Spot[] = []): Spot[] {
  if (typeof value !== 'object' || value === null || found.length > 3000) return found;
  for (const key of Object.keys(value)) {
    found.push({ holder: value, key });
    spotsOf((value as Record<string, Json>)[key]!, found);
  }
  return found;
}

/** Bytes with some of them changed, left out or cut off. */
export function spoiltBytes(good: Uint8Array, random: () => number): Uint8Array {
  const bytes = Uint8Array.from(good);
  const deed = random();
  if (deed < 0.25) return bytes.subarray(0, Math.floor(random() * bytes.length));
  for (let i = 0; i < 1 + random() * 12; i++) bytes[Math.floor(random() * bytes.length)] = Math.floor(random() * 256);
  return bytes;
}

/** Files that look like lists: a table, a spreadsheet, and one that is larger inside than outside. */
export function listFiles(): readonly { readonly name: string; readonly bytes: Uint8Array }[] {
  const rows = Array.from({ length: 40 }, (_, i) => `<row><c t="inlineStr"><is><t>Name ${i}</t></is></c></row>`).join(
    '',
  );
  const sheet = `<?xml version="1.0"?><worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>${rows}</sheetData></worksheet>`;
  const book =
    '<?xml version="1.0"?><workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="Names" sheetId="1" r:id="rId1"/></sheets></workbook>';
  const links =
    '<?xml version="1.0"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/></Relationships>';
  const parts = {
    '[Content_Types].xml': strToU8('<Types/>'),
    'xl/workbook.xml': strToU8(book),
    'xl/_rels/workbook.xml.rels': strToU8(links),
    'xl/worksheets/sheet1.xml': strToU8(sheet),
  };
  const bomb = { ...parts, 'xl/worksheets/sheet1.xml': new Uint8Array(40_000_000) };
  return [
    { name: 'names.csv', bytes: strToU8('name;size\nOttoline;M\nBo;"L\nQuim;S') },
    { name: 'names.xlsx', bytes: zipSync(parts) },
    { name: 'large.xlsx', bytes: zipSync(bomb) },
    { name: 'names.vcf', bytes: strToU8('BEGIN:VCARD\nN:Ferrars;Ottoline\nEND:VCARD\n') },
    { name: 'names.json', bytes: strToU8('{"format": "knurl-bundle"}') },
  ];
}
