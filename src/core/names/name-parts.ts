/** A name taken apart. A part that the name does not have is empty. */
export interface NameParts {
  /** `Dr`, `Coach`; also what stands instead of a name (`Gran`). */
  readonly title: string;
  readonly given: string;
  /** Everything between given and family name. */
  readonly further: string;
  /** `van der`, `de la`. One that is grown together with the family name (`d’Arcy`) stays there. */
  readonly particle: string;
  readonly family: string;
  /** `Jr`, `III`. */
  readonly suffix: string;
  readonly pet: string;
}

export const NAME_PARTS = ['title', 'given', 'further', 'particle', 'family', 'suffix', 'pet'] as const;

export const NO_NAME: NameParts = { title: '', given: '', further: '', particle: '', family: '', suffix: '', pet: '' };

export function isNamePart(name: string): name is keyof NameParts {
  return (NAME_PARTS as readonly string[]).includes(name);
}

/** The full name as it is usually written; the pet name is no part of it. */
export function joinName({ title, given, further, particle, family, suffix }: NameParts): string {
  return [title, given, further, particle, family, suffix].filter((part) => part !== '').join(' ');
}
