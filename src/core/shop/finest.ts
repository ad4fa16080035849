import { mm } from './place-schema';

/** The finest that something takes; zero asks for nothing. Millimetres. */
export const finestMm = mm.min(0).max(20);
