/** The part of a photo that is seen, in its pixels. */
export interface PhotoView {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface PhotoSize {
  readonly widthPx: number;
  readonly heightPx: number;
}

const MOST_ZOOM = 16;

export function wholeView({ widthPx, heightPx }: PhotoSize): PhotoView {
  return { x: 0, y: 0, width: widthPx, height: heightPx };
}

/** Nearer by a factor, or farther below 1; the spot that it is about stays where it is seen. */
export function zoomedView(
  view: PhotoView,
  factor: number,
  [x, y]: readonly [number, number],
  photo: PhotoSize,
): PhotoView {
  const width = Math.min(photo.widthPx, Math.max(photo.widthPx / MOST_ZOOM, view.width / factor));
  const share = width / view.width;
  return within(
    { x: x - (x - view.x) * share, y: y - (y - view.y) * share, width, height: view.height * share },
    photo,
  );
}

/** Moved by so many of the photo's pixels, never off it. */
export function pannedView(view: PhotoView, byX: number, byY: number, photo: PhotoSize): PhotoView {
  return within({ ...view, x: view.x + byX, y: view.y + byY }, photo);
}

/** Moved as far as it takes to see a spot. */
export function viewWith(view: PhotoView, [x, y]: readonly [number, number], photo: PhotoSize): PhotoView {
  const byX = x < view.x ? x - view.x : Math.max(0, x - view.x - view.width);
  const byY = y < view.y ? y - view.y : Math.max(0, y - view.y - view.height);
  return pannedView(view, byX, byY, photo);
}

function within(view: PhotoView, { widthPx, heightPx }: PhotoSize): PhotoView {
  return {
    ...view,
    x: Math.min(widthPx - view.width, Math.max(0, view.x)),
    y: Math.min(heightPx - view.height, Math.max(0, view.y)),
  };
}
