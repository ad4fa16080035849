/** Stands in for Node's `module` in the browser build: the engines ask for it and do without it there. */
export const createRequire = undefined;
