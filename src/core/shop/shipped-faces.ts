/** A face that ships with the program. Its file lies under its hash, so that updating a package never changes a cut. */
export interface ShippedFace {
  readonly sha: string;
  readonly name: string;
}

export const BRASS_SCRIPT_SHA = '4dac9db3fa9ca072f7861fd916bf04bdceac6069d0f3a886f5e523d922e918f1';
export const RIBBON_SCRIPT_SHA = '2bd1f21937334ffd94c3879b6032c04df6390833432dfc7a79d0020eae80d038';
export const PEN_SCRIPT_SHA = 'a5b9de67be454a826b46d858512e32eec8c30312beb4c4f864aee2390414e9c5';
export const STAND_BLOCK_SHA = '8de64ddb7d985763dd8dde658a9a2bb011f7509edcca475c02b281f4fe819e42';
export const ROUND_BLOCK_SHA = '492a6c62d53e4b0c8dbb1f4e53112b73a736537fb6a3a62eec26e0a6dbf92dee';
export const HEAVY_SLAB_SHA = '5973b4362364338163f3e44d858e466b8ed4735100e54786cb2349c3adb7eb6f';
export const NARROW_BLOCK_SHA = '53550669f93c07de6221e051905462f862066459eb50148268b5628104a58a30';
export const TALL_CAPITALS_SHA = '830ea186acffc2316ed1a4e42319246ba3b46b04e33a211079249bf901193f04';

export const SHIPPED_FACES: readonly ShippedFace[] = [
  { sha: BRASS_SCRIPT_SHA, name: 'Pacifico Regular' },
  { sha: RIBBON_SCRIPT_SHA, name: 'Dancing Script Bold' },
  { sha: PEN_SCRIPT_SHA, name: 'Sacramento Regular' },
  { sha: STAND_BLOCK_SHA, name: 'Nunito Black' },
  { sha: ROUND_BLOCK_SHA, name: 'Comfortaa Bold' },
  { sha: HEAVY_SLAB_SHA, name: 'Alfa Slab One Regular' },
  { sha: NARROW_BLOCK_SHA, name: 'Barlow Condensed Bold' },
  { sha: TALL_CAPITALS_SHA, name: 'Bebas Neue Regular' },
  {
    sha: 'cddd7779fb2e78382a654f91dd5a656218cf133a244e17a2f5d960c06f95d73c',
    name: 'Lobster Regular',
  },
  {
    sha: '8671b4332bff26a2ca32c7388a2929320e0ade036e460bd76cd1a22abbd4d5b4',
    name: 'Great Vibes Regular',
  },
  {
    sha: 'eebc45532e97d1c28998f1a44029562452df7fecc20401ad2eb06f53126a2602',
    name: 'Archivo Black Regular',
  },
  {
    sha: 'ec5a3ec1bccca134e1cf0de2bdbd8f88b35c0756ad3997460a55f6da6c07bbf4',
    name: 'Zilla Slab Bold',
  },
  { sha: '21843a0ccca2e97030da1330961646510ed6e9b8bb39620974c1195b9803034a', name: 'Oswald Bold' },
  { sha: 'f606ab3a8a0a75863022676ea496478bb0f4d520ae8c40b6050df3d6dbffad20', name: 'Cinzel Bold' },
  {
    sha: '29271c256d168394f1aa73fb4da3c57d1c2f48e38acd01f824c636c9932150cc',
    name: 'Saira Stencil One Regular',
  },
  {
    sha: '583d89b4dee24140d8c2228b55a5b71668c172c06ee2a7c71e1d1892b2eb01d7',
    name: 'Abril Fatface Regular',
  },
  {
    sha: '5d2c9f43d8cb4d49481a39a33cdc2a9157b1fcbfb381063a11617ede209a105c',
    name: 'Limelight Regular',
  },
  {
    sha: 'b7a87caefea22b30c7f6e356fa951a7827a89d56ee0c90b82a830bfa38c91a26',
    name: 'GFS Didot Regular',
  },
  { sha: '2fb105e3a66c3540e2308321e7c5bd786ce98a232930cd31c62e20d47747ad20', name: 'Rubik Bold' },
  { sha: 'a0e58d71b85b15902ea87914d8e31a6d22da48ac2db70213dcfd1a7dad3f198a', name: 'Cairo Bold' },
];

/** Where the file of a shipped face is served and, below `public/`, where it lies. */
export function faceFilePath(sha: string): string {
  return `/faces/${sha}.ttf`;
}

/** Ships with the program, by its hash. */
export function isShippedFace(sha: string): boolean {
  return SHIPPED_FACES.some((face) => face.sha === sha);
}

/** Where the file of any face is served. */
export function faceUrl(sha: string): string {
  return isShippedFace(sha) ? faceFilePath(sha) : `/api/faces/${sha}`;
}
