import type { LengthWords } from './reader'

export const SPANISH_LENGTHS: Omit<LengthWords, 'number'> = {
  hour: 'horas?|hs?',
  minute: "minutos?|mins?|m|'",
  and: 'y|con',
  larger: {
    sesenta: 60,
    'sesenta y cinco': 65,
    setenta: 70,
    'setenta y cinco': 75,
    ochenta: 80,
    'ochenta y cinco': 85,
    noventa: 90,
    'noventa y cinco': 95,
    cien: 100,
    'ciento veinte': 120,
  },
  named: {
    'media hora': 30,
    'una media hora': 30,
    'un cuarto de hora': 15,
    'cuarto de hora': 15,
    'tres cuartos de hora': 45,
    hora: 60,
    'hora y media': 90,
    'hora y cuarto': 75,
    'hora y tres cuartos': 105,
  },
  after: { media: 30, cuarto: 15, 'un cuarto': 15, 'tres cuartos': 45 },
  before: { '$ y media': 30 },
}
