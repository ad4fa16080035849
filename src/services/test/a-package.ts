import { zipSync } from 'fflate';

const XML = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>';
const MAIN = 'xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"';
const REL = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

interface PackageParts {
  /** XML of the rows of each sheet, such as `<row r="1"><c r="A1" t="inlineStr">…`. */
  readonly sheets: readonly string[];
  /** What comes after the rows of the first sheet, such as merged cells. */
  readonly afterRows?: string;
  readonly is1904?: boolean;
  /** The same in another spelling. */
  readonly says1904?: string;
  /** Sheets are shown in the opposite order of their parts. */
  readonly isTurned?: boolean;
  readonly extra?: Readonly<Record<string, string>>;
}

/** For tests: the smallest spreadsheet package around the XML of some rows. Style 1 is a day. */
export function aPackage({
  sheets,
  afterRows = '',
  is1904 = false,
  says1904 = is1904 ? '1' : '',
  isTurned = false,
  extra = {},
}: PackageParts): Uint8Array {
  const partNo = (i: number) => (isTurned ? sheets.length - i : i + 1);
  const files: Record<string, string> = {
    'xl/workbook.xml': `${XML}<workbook ${MAIN} xmlns:r="${REL}"><workbookPr${says1904 === '' ? '' : ` date1904="${says1904}"`}/><sheets>${sheets
      .map((_, i) => `<sheet name="Sheet ${i + 1}" sheetId="${i + 1}" r:id="rId${i + 1}"/>`)
      .join('')}</sheets></workbook>`,
    'xl/_rels/workbook.xml.rels': `${XML}<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${sheets
      .map(
        (_, i) => `<Relationship Id="rId${i + 1}" Type="${REL}/worksheet" Target="worksheets/sheet${partNo(i)}.xml"/>`,
      )
      .join('')}</Relationships>`,
    'xl/styles.xml': `${XML}<styleSheet ${MAIN}><cellXfs count="2"><xf numFmtId="0"/><xf numFmtId="14"/></cellXfs></styleSheet>`,
    ...Object.fromEntries(
      sheets.map((rows, i) => [
        `xl/worksheets/sheet${partNo(i)}.xml`,
        `${XML}<worksheet ${MAIN}><sheetData>${rows}</sheetData>${i === 0 ? afterRows : ''}</worksheet>`,
      ]),
    ),
    ...extra,
  };
  const encoder = new TextEncoder();
  return zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, encoder.encode(text)])));
}

/** A cell with text in it. */
export function textCell(at: string, text: string): string {
  const escaped = text.replace(/&/g, '&amp;').replace(/</g, '&lt;');
  return `<c r="${at}" t="inlineStr"><is><t>${escaped}</t></is></c>`;
}
