/** Words in and around names that say what they are. Compared in small letters and without a full stop at the end. */

const words = (list: string): ReadonlySet<string> => new Set(list.split(' '));

const TITLES = words(
  'dr prof mr mrs ms miss mx sir dame lady lord rev capt captain coach maestro conductor herr frau mme mlle monsieur ' +
    'madame señor señora don doña signor signora dhr mevr mevrouw meneer pan pani uncle auntie aunt grandma grandpa gran ' +
    'granny grandad nan nana mum mummy dad daddy mom oma opa oncle tante onkel abuela abuelo nonna nonno babcia dziadek',
);

const SUFFIXES = words('jr sr jun jnr snr sen ii iii iv phd md esq obe mbe bsc msc');

const PARTICLES = words(
  'de da do dos das del della dello degli dei di van von der den dem ter ten te la le les los las du des af av zu zum ' +
    "zur bin ibn al el op 't vom y",
);

const bare = (word: string) => word.toLowerCase().replace(/[.,]$/, '').replace(/’/g, "'");

export const isTitle = (word: string): boolean => TITLES.has(bare(word));
export const isSuffix = (word: string): boolean => SUFFIXES.has(bare(word));
export const isParticle = (word: string): boolean => PARTICLES.has(bare(word));
