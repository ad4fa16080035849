/** Ships without types; tests name what they use of it. */
declare module 'fontkit' {
  export function openSync(file: string): unknown;
}
