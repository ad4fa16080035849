import { format } from 'date-fns';
import type { Context } from '@/services';

/** The day by the server's clock and zone: the program runs on the crafter's own machine. */
export function todayIso({ nowIso }: Context): string {
  return format(new Date(nowIso()), 'yyyy-MM-dd');
}
