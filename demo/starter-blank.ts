import { STARTER_BLANKS } from '@/core/blanks';
import { presentOrThrow } from '@/core/outcome';

/** Out of the shop's catalogue. */
export function starterBlank(id: string) {
  return presentOrThrow(
    STARTER_BLANKS.find((blank) => blank.id === id),
    `starter blank ${id}`,
  );
}
