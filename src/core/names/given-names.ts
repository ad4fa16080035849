/**
 * Given names that are seen often, so that `Ann, Bo & Cy` is told from `Lind, Ann & Bo`. Whoever is missing here is taken for a
 * family name before a comma, and both readings are offered.
 */
const KNOWN = new Set(
  (
    'ada adam agnes alan albert alex alexander alfie alice amelia amy ana andrea andrew angela ann anna anne annie anton arthur ava axel ' +
    'barbara beatrice ben bella bernard beth bill bo bob boris bridget brian carl carla carlos carmen caroline charles charlie charlotte ' +
    'chloe chris clara claire clive colin cora cy daisy dan daniel david dawn dean diana dirk dora doris dot edith edward eileen elena eli ' +
    'elisa ella ellen elsa emil emily emma enid eric erik ernst eva evan eve fay felix fern finn fiona flora florence frances frank franz ' +
    'fred freya gabriel gemma george gerda gina grace greta gus gwen hanna hannah hans harry hazel heidi helen helga henry hugh hugo ida ' +
    'inge ingrid irene iris isla ivan ivor ivy jack jacob jade jakob james jan jane janet jean jenny jens jess jill jim jo joan joe john ' +
    'jonas josef joy juan judy jules julia june karin karl kate katja kay ken kit klaus lars laura lena leo leon lily linda lisa liv lotte ' +
    'louis lucas lucy luis luke lynn mae maja marco maria marie mark marta martin mary max maya meg mia milo mina moritz nadia ned nell nia ' +
    'nick nils nina noah noel nora olga olive oliver olivia oscar otto owen pablo pam pat paul paula pavel peg per peter petra phil pia piet ' +
    'pip polly quinn ralph ray rhys rita rob robert robin rolf ron rosa rose rosie roy ruby ruth sally sam sara sarah sean sid signe silvia ' +
    'simon sofia sophie stan stefan sue susan sven tess theo thea tim tina toby tom tony una ursula uwe vera victor vic wanda wendy will ' +
    'wim yan yves yvonne zara zoe'
  ).split(' '),
);

export const isKnownGiven = (word: string): boolean => KNOWN.has(word.toLowerCase());
