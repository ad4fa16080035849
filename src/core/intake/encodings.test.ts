import iconv from 'iconv-lite';
import { decodeText } from '.';
import { likelihood } from './encodings';

/** Lists as older programs wrote them, in the languages that used each encoding. */
const LISTS: readonly (readonly [encoding: string, language: string, list: string])[] = [
  ['windows-1252', 'German', 'Name;Größe\nJürgen Schäfer;M\nBjörn Weiß;L'],
  ['windows-1252', 'French', 'Prénom;Nom\nChloé;Lefèvre\nFrançois;Bâtard'],
  ['windows-1252', 'Spanish', 'Nombre\nBegoña Núñez\nJosé Ibáñez'],
  ['windows-1252', 'Norwegian', 'Navn\nÅse Brændø\nBjørg Sæther'],
  ['windows-1252', 'Icelandic', 'Nafn\nÞórdís Jónsdóttir\nSigurður Ævarsson'],
  ['windows-1252', 'one name only', 'Name\nAnna Lind\nZoë May'],
  ['windows-1252', 'with printers’ marks', 'Name;Note\nSean O’Dell;“cornet” – 2nd\nZoé;x'],
  ['windows-1250', 'Polish', 'Imię;Nazwisko\nŁucja;Święcka\nJoanna;Dąbrowska\nGrażyna;Mróź'],
  ['windows-1250', 'Czech', 'Jméno\nJiří Dvořáček\nAlžběta Růžičková'],
  ['windows-1250', 'Hungarian', 'Név\nErzsébet Szőllősi\nGyörgy Fűzfa'],
  ['windows-1250', 'Romanian', 'Nume\nŞtefan Ionaşcu\nMădălina Pţu'],
  ['windows-1250', 'Croatian', 'Ime\nŽeljko Đurić\nŠime Pčelar'],
  ['iso-8859-2', 'Polish', 'Imię;Nazwisko\nŁucja;Święcka\nJoanna;Dąbrowska\nGrażyna;Mróź'],
  ['iso-8859-2', 'Czech', 'Jméno\nJiří Dvořáček\nAlžběta Růžičková\nTomáš Šťastný'],
  ['windows-1254', 'Turkish', 'Ad\nIşık Yağmur\nŞebnem Güleç\nİpek Çınar'],
  ['windows-1251', 'Russian', 'Имя;Фамилия\nОльга;Лунина\nСергей;Ёлкин'],
  ['windows-1251', 'Ukrainian', 'Ім’я\nЇжак Ґанна\nОлексій Єрмак'],
  ['windows-1251', 'Serbian', 'Име\nЂорђе Љубић\nМилица Њежић'],
  ['windows-1253', 'Greek', 'Όνομα\nΖωή Λάππα\nΓιώργος Ρήγας'],
  ['macintosh', 'German', 'Name;Größe\nJürgen Schäfer;M\nBjörn Weiß;L'],
  ['macintosh', 'French', 'Prénom;Nom\nChloé;Lefèvre\nFrançois;Bâtard'],
  ['macintosh', 'Spanish', 'Nombre\nBegoña Núñez\nJosé Ibáñez'],
  ['macintosh', 'Swedish', 'Namn\nÅsa Öberg\nGöran Sjöström'],
];

test.each(LISTS)('%s, %s', (encoding, _, list) => {
  const read = decodeText(Uint8Array.from(iconv.encode(list, encoding)));
  expect([read.encoding, read.text]).toEqual([encoding, list]);
});

test('a few such names far down in a long list are enough', () => {
  const list = `${'Anna Lind;M\n'.repeat(19_000)}Łucja Święcka;L\n`;
  expect(decodeText(Uint8Array.from(iconv.encode(list, 'windows-1250'))).text).toBe(list);
});

test('how it would look otherwise is told, and a person who knows better is believed', () => {
  const bytes = Uint8Array.from(iconv.encode('Name;Size\nPeńa Muńko;M', 'windows-1250'));
  const guessed = decodeText(bytes);
  expect(guessed.encoding).toBe('windows-1252');
  expect(guessed.readings[0]).toEqual({ encoding: 'windows-1252', sample: 'Peña Muñko' });
  expect(guessed.readings.find(({ encoding }) => encoding === 'windows-1250')?.sample).toBe('Peńa Muńko');
  expect(new Set(guessed.readings.map(({ encoding }) => encoding)).size).toBe(7);
  const told = decodeText(bytes, 'windows-1250');
  expect([told.text, told.readings[0]?.encoding]).toEqual(['Name;Size\nPeńa Muńko;M', 'windows-1250']);
  expect(decodeText(Uint8Array.from(iconv.encode('Zoë', 'utf-16be')), 'utf-16be').text).toBe('Zoë');
  // Nothing was guessed where the bytes say it.
  expect(decodeText(new TextEncoder().encode('Zoë')).readings).toEqual([]);
});

test('letters of one language in their places are likely; signs and capitals inside words, and two scripts in one, are not', () => {
  expect(likelihood('Jürgen Weiß', 'windows-1252')).toBe(1);
  // Nothing but printers' marks speaks for none in particular.
  expect(likelihood('Sean O’Dell', 'windows-1252')).toBe(likelihood('Sean O’Dell', 'windows-1251'));
  expect(likelihood('Sean O’Dell', 'windows-1252')).toBeGreaterThan(0.5);
  for (const [text, encoding] of [
    ['£ucja Œwiêcka', 'windows-1252'],
    ['JŸrgen Wei§', 'windows-1252'],
    ['Mьller', 'windows-1251'],
    ['Èâàí', 'windows-1252'],
  ] as const)
    expect([text, likelihood(text, encoding) < 0.5]).toEqual([text, true]);
});
