const SIZE_WORDS: Readonly<Record<string, string>> = {
  extrasmall: 'xs',
  small: 's',
  medium: 'm',
  large: 'l',
  extralarge: 'xl',
  xlarge: 'xl',
  xxlarge: 'xxl',
  '2xl': 'xxl',
  '2xlarge': 'xxl',
  '3xl': 'xxxl',
  xxsmall: 'xxs',
  onesize: 'one',
  os: 'one',
};

/** How a size is compared: "XL", "x-large" and "Extra Large" are one, and so are "9–12 months" and "9-12 m". */
export function sizeKey(text: string): string {
  const plain = wordKey(text)
    .replace(/(\d)(?:months?|mths?|mo|m)$/, '$1m')
    .replace(/(\d)(?:years?|yrs?|y)$/, '$1y');
  return SIZE_WORDS[plain] ?? plain;
}

/** How words are compared: letters and figures only, in small letters. */
export function wordKey(text: string): string {
  return text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]/gu, '');
}
