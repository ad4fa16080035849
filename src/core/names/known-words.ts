/** Words in and around names that say what they are. Compared in small letters and without a full stop at the end. */

const words = (list: string): ReadonlySet<string> => new Set(list.split(' '));

const FORMAL = words(
  'dr prof doctor doktor docteur doctora dottore dottoressa dott professor professorin doktorin ing ir drs mgr inż mr mrs ms ' +
    'miss mx herr frau mme mlle monsieur madame señor señora signor signora dhr mevr mevrouw meneer',
);
const TITLES = words(
  'sir dame lady lord rev capt captain coach maestro conductor don doña pan pani uncle auntie aunt grandma grandpa gran ' +
    'granny grandad nan nana mum mummy dad daddy mom oma opa oncle tante onkel abuela abuelo nonna nonno babcia dziadek ' +
    'sister brother pastor father',
);

/** Titles that are given names as often. */
const TITLES_OR_NAMES = words('don nan nana gran dame');

const SUFFIXES = words('jr sr jun jnr snr sen ii iii iv vi vii viii phd md esq obe mbe bsc msc 1st 2nd 3rd 4th 5th');

const PARTICLES = words(
  'de da do dos das del della dello degli dei di dalla dal van von vom der den dem ter ten te la le les los las du des af ' +
    "av zu zum zur bin ibn al el op 't 's y ó ní uí",
);
/** Written with a capital they are names of their own (Ben, Lo, Ap). */
const SMALL_PARTICLES = words('ap ab ferch verch ben bint binti abu am im lo tho');
/** Before an article only: `in ’t Veld`, `auf der Heide`. */
const PREPOSITIONS = words('in op uit aan an auf aus bij over onder voor achter tot vor unter');
const ARTICLES = words("de den der dem het 't la las los");
/** A family name begins with them and keeps them: Mac Giolla, St. Clair. */
const FAMILY_STARTS = words('mac nic mhic saint sainte st ste san santa santo sankt sint');

const bare = (word: string) => word.toLowerCase().replace(/[.,]$/, '').replace(/[’‘]/g, "'");

export const isFormalTitle = (word: string): boolean => FORMAL.has(bare(word));
export const isTitle = (word: string): boolean => FORMAL.has(bare(word)) || TITLES.has(bare(word));
export const isTitleOrName = (word: string): boolean => TITLES_OR_NAMES.has(bare(word));
export const isSuffix = (word: string): boolean => SUFFIXES.has(bare(word));
export const isParticle = (word: string): boolean => PARTICLES.has(bare(word)) || SMALL_PARTICLES.has(word);
export const isFamilyStart = (word: string): boolean => FAMILY_STARTS.has(bare(word));

/** How many words from `at` on are one particle: `van der`, `von und zu`, `in ’t`; 0 where none begins. */
export function particleLength(names: readonly string[], at = 0): number {
  const [word = '', next = '', third = ''] = names.slice(at);
  if (word === '') return 0;
  if (PREPOSITIONS.has(bare(word)) && ARTICLES.has(bare(next))) return 1 + particleLength(names, at + 1);
  if (!isParticle(word)) return 0;
  if (/^(und|u\.)$/i.test(next) && isParticle(third)) return 2 + particleLength(names, at + 2);
  return 1 + particleLength(names, at + 1);
}
