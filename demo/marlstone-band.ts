/** The Marlstone Silver Band, made up for Knurl: forty-two players whose names are as various as real ones. */

export interface Player {
  readonly family: string;
  readonly given: string;
  readonly part: string;
  readonly joined: number;
}

const ROWS = `
Featherstonehaugh | Maximilian | cornet | 1998
Prydderch-Lloyd | Siân | flugelhorn | 2011
Lind & Oyelaran | Bo and Tobi | tenor horn | 2004
Ng | Ji-woo | euphonium | 2019
Ibáñez | Joseba Lur | trombone | 2016
Ó Dálaigh | Oisín | bass | 1987
Castellane | Anaïs | percussion | 2020
Brandvold | Åse | cornet | 2001
Oyelaren | Tunde | baritone | 2017
Marchbanks | Tamsin | tenor horn | 2013
van der Steen | Kees | bass | 1995
Hale | Zoë | cornet | 2022
Quill | Mary Ann | secretary | 1979
Sørbø | Liv | cornet | 2015
Wiśniewska | Łucja | cornet | 2012
Борисова | Вера | baritone | 2021
McIlwraith | Fergus | trombone | 2008
O’Dell | Nuala | flugelhorn | 2009
Rook | Piers | euphonium | 2018
Mayhew | Dorothea | tenor horn | 2003
Vandersteen | Lotte | percussion | 2023
Đorđević | Milun | bass | 2014
Åkesson | Gunnel | cornet | 1992
Castellane & Featherstonehaugh | Noé and Ida | librarian | 2006
Yıldız | Deniz | trombone | 2019
Őrsi | Réka | cornet | 2020
de la Fuente | Inés | baritone | 2010
Tamm | Kaido | bass trombone | 2005
Ashgrove-Pellow | Winifred | cornet | 1984
Ruusunen | Eero | euphonium | 2002
Gwynn | Idris | conductor | 1996
Fjeldstad | Signe | tenor horn | 2024
Uí Bhriain | Caoimhe | cornet | 2017
Żak | Hania | percussion | 2022
Llewhellin | Macsen | bass | 1999
Strömqvist | Öyvind | flugelhorn | 2007
Nnamdi-Hartlepe | Chidi | cornet | 2021
Zhu | Lan | tenor horn | 2016
Trevanion | Jory | trombone | 1990
Großmann | Käthe | baritone | 2013
Íñiguez | Amaia | percussion | 2024
Bea | Tom | cornet | 2025
`;

export const PLAYERS: readonly Player[] = ROWS.trim()
  .split('\n')
  .map((row) => {
    const [family = '', given = '', part = '', joined = ''] = row.split('|').map((cell) => cell.trim());
    return { family, given, part, joined: Number(joined) };
  });
