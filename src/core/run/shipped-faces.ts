/** A face that ships with the program. Its file lies under its hash, so that updating a package never changes a cut. */
export interface ShippedFace {
  readonly sha: string;
  readonly name: string;
  /** Letters are drawn to overlap where they meet, as in handwriting. */
  readonly isConnected: boolean;
}

export const BRASS_SCRIPT_SHA = '4dac9db3fa9ca072f7861fd916bf04bdceac6069d0f3a886f5e523d922e918f1';
export const STAND_BLOCK_SHA = '8de64ddb7d985763dd8dde658a9a2bb011f7509edcca475c02b281f4fe819e42';

export const SHIPPED_FACES: readonly ShippedFace[] = [
  { sha: BRASS_SCRIPT_SHA, name: 'Pacifico Regular', isConnected: true },
  { sha: STAND_BLOCK_SHA, name: 'Nunito Black', isConnected: false },
];

/** Where the file of a face is served and, below `public/`, where it lies. */
export function faceFilePath(sha: string): string {
  return `/faces/${sha}.ttf`;
}
