import type { FileProblem } from '@/services';

const OTHER: Readonly<Record<Extract<FileProblem, { kind: 'otherFile' }>['what'], string>> = {
  oldSpreadsheet:
    'is a spreadsheet of an old kind, or one with a password. Open it where it was made and save it as XLSX or CSV.',
  openText: 'is a document of text or pictures, and no spreadsheet. Copy the list out of it and paste it.',
  pdf: 'is a PDF. Copy the list out of it and paste it.',
  picture: 'is a picture. Type the names, or ask for the list as text.',
  archive: 'is a packed folder. Unpack it and drop the list that is in it.',
  json: 'is JSON, but no run that was taken along from Knurl. Save the list as CSV or XLSX.',
  unknown: 'is no text, spreadsheet or address book. Save the list as CSV or XLSX, or paste it.',
};

/** What is wrong with a file and what to do, after its name. */
export function fileSentence(problem: FileProblem): string {
  switch (problem.kind) {
    case 'fileEmpty':
      return 'has nothing in it. Look whether the list stands in another file.';
    case 'fileTooLarge':
      return `has ${megabytes(problem.bytes)} MB; lists up to ${megabytes(problem.mostBytes)} MB are read. Take pictures out of it, or save it as CSV.`;
    case 'otherFile':
      return OTHER[problem.what];
    case 'tooMuchInside':
      return `unpacks to more than ${megabytes(problem.mostBytes)} MB, which no list does; it was not read any further. Save the list alone as CSV.`;
    case 'tooManyColumns':
      return `has something in ${problem.cell} of ${problem.sheet}; ${problem.most} columns are read. Take out what lies far to the right.`;
    case 'tooManyRows':
      return `has a row ${problem.row} in ${problem.sheet}; a run holds 20,000 entries. Take out what lies far below, or split the list.`;
    case 'brokenFile':
      return `is damaged${problem.row === null ? '' : ` at row ${problem.row}, column ${problem.column}`} (${problem.detail}). Open it where it was made and save it again, or save it as CSV.`;
    case 'tookTooLong':
      return `was not read within ${problem.seconds} seconds and was given up. Save the list alone as CSV.`;
  }
}

function megabytes(bytes: number): string {
  return (bytes / 1_000_000).toFixed(bytes < 10_000_000 ? 1 : 0);
}
