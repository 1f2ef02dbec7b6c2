import type { CardsWords, HandsWords, JumpWords, RelayWords } from './types'

export const englishJump: JumpWords = {
  told: {
    standing:
      'Five things lie on the floor: one in the middle and one in each quarter of a clock. Stand in the middle.',
    seated: 'Five things lie on the floor: one in the middle and one in each quarter of a clock. Point from your seat.',
  },
  facing: {
    twelve: 'Twelve is straight ahead of you.',
    six: 'Six is straight ahead of you, and twelve is behind you.',
  },
  quarters: {
    'ahead-right': 'ahead on the right',
    'behind-right': 'behind on the right',
    'behind-left': 'behind on the left',
    'ahead-left': 'ahead on the left',
  },
  either: (one, other) => `On the line, so both count: ${one} or ${other}`,
  out: {
    standing: (where) => `${where}: jump out and back, three times.`,
    seated: (where) => `${where}: point three times.`,
  },
  which: 'In which quarter is that?',
  hour24: { isUsual: false, say: (hour) => `${hour}:00` },
  day: {
    7: 'We get up.',
    8: 'We have breakfast.',
    9: 'We say good morning to everyone.',
    10: 'We eat a snack.',
    11: 'We play outdoors.',
    12: 'We have lunch.',
    13: 'We rest.',
    14: 'We hear a story.',
    16: 'We paint and build.',
    17: 'We go home.',
    18: 'We have supper.',
    19: 'We wash and brush our teeth.',
    20: 'We are in bed.',
  },
  places: (metres, between) =>
    `Each of the four things lies ${metres} m from the one in the middle, and ${between} m from its two neighbours.`,
}

export const englishHands: HandsWords = {
  told: {
    standing:
      'Two of you are the hands of the clock on the floor. The long hand walks on the ring, the short one further in.',
    seated: 'Put one clock where all can see it. Two of you move its hands, one each.',
  },
  both: (long, short) => `${long} is the long hand. ${short} is the short hand.`,
  alone: (short) => `${short} is the short hand.`,
  longOnNumbers: (numbers, where) => `Long hand: ${numbers} ${numbers === 1 ? 'number' : 'numbers'} on, ${where}.`,
  longOnMarks: (marks, where) => `Long hand: ${marks} small ${marks === 1 ? 'mark' : 'marks'} on, ${where}.`,
  longStays: 'Long hand: stay where you are.',
  onNumber: (numeral) => `to the ${numeral}`,
  pastNumber: (marks, numeral) => `${marks} past the ${numeral}`,
  shortOn: (numbers, where) =>
    numbers === 0
      ? `Short hand: a little on, ${where}.`
      : `Short hand: ${numbers} ${numbers === 1 ? 'number' : 'numbers'} on, ${where}.`,
  shortStays: 'Short hand: stay where you are.',
  justPast: (numeral) => `a little past the ${numeral}`,
  between: (numeral, next) => `half way between ${numeral} and ${next}`,
  nearly: (next) => `nearly at the ${next}`,
}

export const englishRelay: RelayWords = {
  told: {
    standing: 'At the far mark is a clock for each team. When you are called, run there, set the time and run back.',
    seated: 'Each team passes a clock round. Whoever is called sets the time.',
  },
  set: (names, time) => `${names}: make it ${time}.`,
  walk: 'Walk this time.',
}

export const englishCards: CardsWords = {
  told: {
    standing: 'Everyone has a card with a time. The clocks lie about the room.',
    seated: 'Everyone has a card with a time. The clocks lie on the table.',
  },
  clock: {
    standing: 'Stand by the clock that shows your time.',
    seated: 'Lay your card beside the clock that shows your time.',
  },
  inTurn: 'Say your times, one after another.',
  order: {
    standing: 'Stand in order, as the hands go round from twelve.',
    seated: 'Lay your cards in order, as the hands go round from twelve.',
  },
  inOrder: 'This is the order.',
  partner: 'Find the one who has the same time as you.',
  together: 'These belong together.',
  swap: 'Swap your card with someone else.',
  whyDeal: (pairs) =>
    `Before this one, deal anew: the first ${pairs} cards in words, and the clocks with the same numbers. Whoever is left over calls with you.`,
  card: (number) => `Card ${number}`,
}
