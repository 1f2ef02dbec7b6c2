import type { CardsWords, HandsWords, JumpWords, RelayWords } from './types'

export const germanJump: JumpWords = {
  told: {
    standing:
      'Fünf Dinge liegen am Boden: eins in der Mitte und eins in jedem Viertel einer Uhr. Stellt euch in die Mitte.',
    seated:
      'Fünf Dinge liegen am Boden: eins in der Mitte und eins in jedem Viertel einer Uhr. Zeigt vom Platz aus darauf.',
  },
  facing: {
    twelve: 'Die Zwölf ist genau vor euch.',
    six: 'Die Sechs ist genau vor euch, die Zwölf ist hinter euch.',
  },
  quarters: {
    'ahead-right': 'vorn rechts',
    'behind-right': 'hinten rechts',
    'behind-left': 'hinten links',
    'ahead-left': 'vorn links',
  },
  either: (one, other) => `Auf der Linie, beides gilt: ${one} oder ${other}`,
  out: {
    standing: (where) => `${where}: dreimal hin und zurück springen.`,
    seated: (where) => `${where}: dreimal darauf zeigen.`,
  },
  which: 'In welchem Viertel ist das?',
  hour24: { isUsual: true, say: (hour) => `${hour} Uhr` },
  day: {
    7: 'Wir stehen auf.',
    8: 'Wir frühstücken.',
    9: 'Wir sagen allen guten Morgen.',
    10: 'Wir essen eine Kleinigkeit.',
    11: 'Wir spielen draußen.',
    12: 'Wir essen zu Mittag.',
    13: 'Wir ruhen uns aus.',
    14: 'Wir hören eine Geschichte.',
    16: 'Wir malen und bauen.',
    17: 'Wir gehen nach Hause.',
    18: 'Wir essen zu Abend.',
    19: 'Wir waschen uns und putzen die Zähne.',
    20: 'Wir liegen im Bett.',
  },
  places: (metres, between) =>
    `Jedes der vier Dinge liegt ${metres} m von dem in der Mitte entfernt und ${between} m von seinen beiden Nachbarn.`,
}

export const germanHands: HandsWords = {
  told: {
    standing:
      'Zwei von euch sind die Zeiger der Uhr am Boden. Der lange Zeiger geht auf dem Ring, der kurze weiter innen.',
    seated: 'Stellt eine Uhr so hin, dass alle sie sehen. Zwei von euch bewegen die Zeiger, jeder einen.',
  },
  both: (long, short) => `${long} ist der lange Zeiger. ${short} ist der kurze Zeiger.`,
  alone: (short) => `${short} ist der kurze Zeiger.`,
  longOnNumbers: (numbers, where) => `Langer Zeiger: ${numbers} ${numbers === 1 ? 'Zahl' : 'Zahlen'} weiter, ${where}.`,
  longOnMarks: (marks, where) =>
    `Langer Zeiger: ${marks} ${marks === 1 ? 'kleinen Strich' : 'kleine Striche'} weiter, ${where}.`,
  longStays: 'Langer Zeiger: Bleib stehen.',
  onNumber: (numeral) => `zur ${numeral}`,
  pastNumber: (marks, numeral) => `${marks} hinter die ${numeral}`,
  shortOn: (numbers, where) =>
    numbers === 0
      ? `Kurzer Zeiger: ein Stückchen weiter, ${where}.`
      : `Kurzer Zeiger: ${numbers} ${numbers === 1 ? 'Zahl' : 'Zahlen'} weiter, ${where}.`,
  shortStays: 'Kurzer Zeiger: Bleib stehen.',
  justPast: (numeral) => `ein wenig hinter die ${numeral}`,
  between: (numeral, next) => `in die Mitte zwischen ${numeral} und ${next}`,
  nearly: (next) => `fast bis zur ${next}`,
}

export const germanRelay: RelayWords = {
  told: {
    standing:
      'Am hinteren Ziel steht für jede Mannschaft eine Uhr. Wer aufgerufen wird, läuft hin, stellt die Zeit ein und läuft zurück.',
    seated: 'Jede Mannschaft gibt eine Uhr herum. Wer aufgerufen wird, stellt die Zeit ein.',
  },
  set: (names, time) => `${names}: Stellt ${time} ein.`,
  walk: 'Diesmal gehen.',
}

export const germanCards: CardsWords = {
  told: {
    standing: 'Alle haben eine Karte mit einer Uhrzeit. Die Uhren liegen im Raum verteilt.',
    seated: 'Alle haben eine Karte mit einer Uhrzeit. Die Uhren liegen auf dem Tisch.',
  },
  clock: {
    standing: 'Stellt euch zu der Uhr, die eure Zeit zeigt.',
    seated: 'Legt eure Karte zu der Uhr, die eure Zeit zeigt.',
  },
  inTurn: 'Sagt eure Zeiten, eine nach der anderen.',
  order: {
    standing: 'Stellt euch der Reihe nach auf, so wie die Zeiger von der Zwölf aus herumgehen.',
    seated: 'Legt eure Karten der Reihe nach hin, so wie die Zeiger von der Zwölf aus herumgehen.',
  },
  inOrder: 'Das ist die Reihenfolge.',
  partner: 'Sucht das Kind, das dieselbe Zeit hat wie ihr.',
  together: 'Diese gehören zusammen.',
  swap: 'Tauscht eure Karte mit jemandem.',
  whyDeal: (pairs) =>
    `Davor neu austeilen: die ersten ${pairs} Karten in Worten und die Uhren mit denselben Nummern. Wer übrig bleibt, ruft mit auf.`,
  card: (number) => `Karte ${number}`,
}
