/** The same shape with every property, array and tuple readonly, all the way down. */
export type DeepReadonly<T> = T extends object ? { readonly [K in keyof T]: DeepReadonly<T[K]> } : T;
