/**
 * What a column can be. The parts of a name, the date and so on stand in an entry under these names; `own` keeps its
 * header as its name, `out` is left out.
 */
export const COLUMN_ROLES = [
  'text',
  'title',
  'given',
  'further',
  'particle',
  'family',
  'suffix',
  'pet',
  'monogram',
  'date',
  'size',
  'colour',
  'quantity',
  'blank',
  'film',
  'note',
  'own',
  'out',
] as const;
export type ColumnRole = (typeof COLUMN_ROLES)[number];

/** Headers by what they mean, in English, German, French, Spanish, Italian, Dutch, Polish and Swedish. */
const HEADERS: Readonly<Partial<Record<ColumnRole, string>>> = {
  text:
    'text, name, names, full name, fullname, wording, lettering, inscription, name on item, voller name, ganzer name, ' +
    'beschriftung, aufschrift, nom complet, texte, nombre completo, texto, nome completo, testo, volledige naam, tekst, ' +
    'imię i nazwisko, namn, hela namnet, person, who, player, member, guest, child, display name, formatted name',
  title: 'title, salutation, anrede, titel, civilité, tratamiento, titolo, aanhef, tytuł',
  given:
    'given, given name, given names, first, first name, firstname, forename, christian name, vorname, vornamen, rufname, prénom, prenom, ' +
    'prénoms, nombre, nombres, nome di battesimo, voornaam, voornamen, imię, imie, förnamn, fornamn',
  further:
    'further, further names, middle, middle name, middle names, second name, zweiter vorname, deuxième prénom, segundo nombre, secondo nome, tweede voornaam, drugie imię, mellannamn',
  particle: 'particle, prefix, name prefix, namenszusatz, particule, partícula, tussenvoegsel, voorvoegsel',
  family:
    'family, family name, last, last name, lastname, surname, nachname, familienname, zuname, nom de famille, apellido, apellidos, ' +
    'cognome, achternaam, familienaam, nazwisko, efternamn',
  suffix: 'suffix, name suffix, namenssuffix, suffixe, sufijo, suffisso, achtervoegsel',
  pet: 'pet, pet name, nickname, nick name, known as, called, goes by, preferred name, spitzname, kosename, rufname, surnom, petit nom, apodo, soprannome, roepnaam, bijnaam, przezwisko, smeknamn',
  monogram:
    'monogram, initials, monogramm, initialen, monogramme, initiales, monograma, iniciales, monogramma, iniziali, inicjały',
  date:
    'date, day, birthday, date of birth, birth date, dob, born, wedding day, anniversary, joined, since, member since, year, datum, geburtstag, ' +
    'geburtsdatum, jahr, seit, date de naissance, anniversaire, année, depuis, fecha, fecha de nacimiento, cumpleaños, año, data, data di nascita, ' +
    'compleanno, anno, geboortedatum, verjaardag, jaar, data urodzenia, rok, födelsedag, år',
  size: 'size, garment size, shirt size, größe, grösse, groesse, konfektionsgröße, taille, talla, taglia, maat, rozmiar, storlek',
  colour: 'colour, color, farbe, couleur, color de, colore, kleur, kolor, färg, garment colour, blank colour',
  quantity:
    'quantity, qty, count, number, pieces, how many, no. of, amount, copies, pcs, anzahl, menge, stück, stückzahl, quantité, qté, nombre de pièces, ' +
    'cantidad, quantità, aantal, ilość, liczba, antal',
  blank:
    'blank, item, product, garment, article, artikel, produkt, produit, artículo, producto, prodotto, articolo, towar, goods, thing',
  film: 'film, film colour, film color, vinyl colour, lettering colour, thread, foil, folie, folienfarbe, film couleur, pellicola, lámina, folia',
  note: 'note, notes, remark, remarks, comment, comments, wish, wishes, bemerkung, bemerkungen, hinweis, notiz, remarque, commentaire, nota, notas, observaciones, osservazioni, opmerking, uwagi, anmärkning',
};

const BY_HEADER: ReadonlyMap<string, readonly ColumnRole[]> = (() => {
  const map = new Map<string, ColumnRole[]>();
  for (const role of COLUMN_ROLES) {
    for (const header of (HEADERS[role] ?? '').split(',')) {
      const key = plainHeader(header);
      if (key !== '') map.set(key, [...(map.get(key) ?? []), role]);
    }
  }
  return map;
})();

/** Small letters without accents, marks and what stands in brackets: `Größe (EU)*` is `große`. */
export function plainHeader(header: string): string {
  return header
    .normalize('NFC')
    .toLowerCase()
    .replace(/\([^)]*\)|\[[^\]]*\]/g, ' ')
    .replace(/[_:*?#"']+/g, ' ')
    .replace(/\s+/gu, ' ')
    .trim();
}

/** What a header may mean, most likely first; empty for one that is not known. */
export function rolesOfHeader(header: string): readonly ColumnRole[] {
  const plain = plainHeader(header);
  if (/^(nom|naam|nome)$/.test(plain)) return ['text', 'family'];
  if (plain === 'name') return ['text', 'family'];
  return BY_HEADER.get(plain) ?? BY_HEADER.get(plain.replace(/s$/, '')) ?? [];
}
