import PDFDocument from 'pdfkit';
import { registerFonts, runsOf, spelled } from './pdf-letters';

const doc = new PDFDocument();
registerFonts(doc);
const said = (text: string) => runsOf(doc, text, { font: 'measures' }).map(({ text: part, font }) => `${font}:${part}`);

test.each([
  ['Anna Lind', ['measures:Anna Lind']],
  ['Ĝĥ', ['words:Ĝĥ']],
  ['Nguyễn', ['measures:Nguy', 'words:ễ', 'measures:n']],
  ['Жанна', ['broad:Жанна']],
  ['Łódź', ['measures:Łódź']],
  ['שרה', ['hebrew:שרה']],
  ['A 漢 b', ['measures:A [U+6F22] b']],
])('%s is written in faces that have its letters', (text, runs) => {
  expect(said(text)).toEqual(runs);
});

test('every letter of the alphabets that lists come in is in some face, none is a number or a box', () => {
  const alphabets = [
    'ĈĉĜĝĤĥĴĵŜŝŬŭ ÀÁÂÃÄÅÆÇÈÉÊËÌÍÎÏÐÑÒÓÔÕÖØÙÚÛÜÝÞßŸ ĄĆĘŁŃÓŚŹŻ ĂÂÎȘȚ ĀČĒĢĪĶĻŅŠŪŽ ŐŰ ŴŶ ŒƠƯ İıĞ',
    'ẢẠẮẰẲẴẶẤẦẨẪẬĐẸẺẼẾỀỂỄỆỈỊỌỎỐỒỔỖỘỚỜỞỠỢỤỦỨỪỬỮỰỲỴỶỸ',
    'ΑΒΓΔΕΖΗΘΙΚΛΜΝΞΟΠΡΣΤΥΦΧΨΩάέήίόύώϊϋΐΰ',
    'АБВГҐДЂЃЕЁЄЖЗЅИІЇЙЈКЛЉМНЊОПРСТЋЌУЎФХЦЧЏШЩЪЫЬЭЮЯ',
    'אבגדהוזחטיכךלמםנןסעפףצץקרשת',
  ];
  for (const letter of alphabets.join(' ')) {
    for (const form of [letter, letter.toLowerCase(), letter.normalize('NFD')]) {
      expect([form, runsOf(doc, form, { font: 'measures' }).map(({ text }) => text)]).toEqual([form, [form]]);
    }
  }
});

test.each([
  ['Anna', 'A n n a'],
  ['Zoë\u0308', 'Z o ë\u0308'],
  ['שרה', 'ה ר ש'],
  ['שרה לוי', 'י ו ל   ה ר ש'],
  ['שרה Lev', 'L e v   ה ר ש'],
  // A number after such words is part of them, and still read from the left.
  ['Café שרה 12', 'C a f é   1 2   ה ר ש'],
  ['', ''],
])('%s is spelled as it is read', (text, letters) => {
  expect(spelled(text)).toBe(letters);
});

test('words from the right stand in the order in which they are read, the letters of each are turned by its face', () => {
  expect(runsOf(doc, 'שרה לוי', { font: 'words' }).map(({ text }) => text)).toEqual(['לוי', ' ', 'שרה']);
  expect(runsOf(doc, 'for שרה לוי', { font: 'words' }).map(({ text }) => text)).toEqual(['for ', 'לוי', ' ', 'שרה']);
});

test('a sentence of ours runs from the left whatever it begins with; what is in order as seen stays so', () => {
  expect(runsOf(doc, 'ש ר is missing', { font: 'words' }).map(({ text }) => text)).toEqual([
    'ר',
    ' ',
    'ש',
    ' is missing',
  ]);
  expect(runsOf(doc, spelled('שר'), { font: 'measures', isSeen: true }).map(({ text }) => text)).toEqual([
    'ר',
    ' ',
    'ש',
  ]);
});
