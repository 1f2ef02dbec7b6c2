import type { LengthWords } from './reader'

export const FRENCH_LENGTHS: Omit<LengthWords, 'number'> = {
  hour: 'heures?|h',
  minute: "minutes?|min|mn|m|'",
  and: 'et',
  larger: {
    soixante: 60,
    'soixante cinq': 65,
    'soixante dix': 70,
    'soixante quinze': 75,
    'quatre vingts': 80,
    'quatre vingt': 80,
    'quatre vingt cinq': 85,
    'quatre vingt dix': 90,
    'quatre vingt quinze': 95,
    septante: 70,
    nonante: 90,
    cent: 100,
    'cent vingt': 120,
  },
  named: {
    'une demi heure': 30,
    'demi heure': 30,
    "un quart d'heure": 15,
    "quart d'heure": 15,
    "trois quarts d'heure": 45,
    "les trois quarts d'heure": 45,
  },
  after: { demie: 30, demi: 30, quart: 15, 'un quart': 15, 'trois quarts': 45 },
  before: {},
}
