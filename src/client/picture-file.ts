import { type Cell, fitIn, laidInCell, sheetCells } from './picture-sheet';

/** An item on a picture: its sides as they are drawn on the screen, and what stands beneath. */
export interface PicturedItem {
  readonly drawings: readonly SVGSVGElement[];
  readonly words: string;
}

interface PictureLook {
  readonly columns: number;
  readonly cell: Pick<Cell, 'width' | 'height'>;
  readonly ground: string;
  readonly ink: string;
}

/** Size of the letters beneath a picture, as a share of the height that they have. */
const LETTERS_SHARE = 0.42;

/** Items as one PNG, drawn again from what the screen shows, so that it is sharp at its own size. */
export async function pictureFile(
  items: readonly PicturedItem[],
  { columns, cell, ground, ink }: PictureLook,
): Promise<Blob> {
  const cells = sheetCells(items.length, columns, cell);
  const canvas = document.createElement('canvas');
  canvas.width = Math.min(columns, items.length) * cell.width;
  canvas.height = Math.ceil(items.length / columns) * cell.height;
  const pen = canvas.getContext('2d');
  if (!pen) throw new Error('This browser draws no pictures.');
  pen.fillStyle = ground;
  pen.fillRect(0, 0, canvas.width, canvas.height);
  for (const [i, { drawings, words }] of items.entries()) {
    const laid = laidInCell(cells[i]!, drawings.length);
    for (const [k, drawing] of drawings.entries()) await draw(pen, drawing, laid.sides[k]!);
    pen.fillStyle = ink;
    pen.textAlign = 'center';
    pen.textBaseline = 'middle';
    const { x, y, width, height } = laid.words;
    pen.font = `600 ${height * LETTERS_SHARE}px ${getComputedStyle(document.body).fontFamily}`;
    pen.fillText(words, x + width / 2, y + height / 2, width);
  }
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('The picture came out empty.'))), 'image/png');
  });
}

async function draw(pen: CanvasRenderingContext2D, drawing: SVGSVGElement, room: Cell): Promise<void> {
  const { width, height } = drawing.viewBox.baseVal;
  const at = fitIn(room, width / height);
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(at.width));
  copy.setAttribute('height', String(at.height));
  // A drawing that is a picture itself loads no other: a photo fills all of it, and is laid below.
  const photo = copy.querySelector('image');
  if (photo) {
    const picture = await loaded(photo.getAttribute('href') ?? '');
    pen.drawImage(picture, at.x, at.y, at.width, at.height);
    photo.remove();
  }
  const address = URL.createObjectURL(
    new Blob([new XMLSerializer().serializeToString(copy)], { type: 'image/svg+xml' }),
  );
  try {
    pen.drawImage(await loaded(address), at.x, at.y, at.width, at.height);
  } finally {
    URL.revokeObjectURL(address);
  }
}

async function loaded(address: string): Promise<HTMLImageElement> {
  const picture = new Image();
  picture.src = address;
  await picture.decode();
  return picture;
}

/** Hands a file to the person, as a download. */
export function saveFile(blob: Blob, name: string): void {
  const address = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // The download has begun by then.
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
