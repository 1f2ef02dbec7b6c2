import { dialHour } from '../../clock'
import { numberReader } from '../grammar'

const UNITS = [
  'cero',
  'uno',
  'dos',
  'tres',
  'cuatro',
  'cinco',
  'seis',
  'siete',
  'ocho',
  'nueve',
  'diez',
  'once',
  'doce',
  'trece',
  'catorce',
  'quince',
  'dieciséis',
  'diecisiete',
  'dieciocho',
  'diecinueve',
  'veinte',
  'veintiuno',
  'veintidós',
  'veintitrés',
  'veinticuatro',
  'veinticinco',
  'veintiséis',
  'veintisiete',
  'veintiocho',
  'veintinueve',
]

const TENS = ['', '', '', 'treinta', 'cuarenta', 'cincuenta']

function numberWord(n: number): string {
  const unit = UNITS[n]
  if (unit !== undefined) return unit
  const ten = TENS[Math.floor(n / 10)] ?? ''
  return n % 10 === 0 ? ten : `${ten} y ${UNITS[n % 10]}`
}

export const wordValue = numberReader(numberWord, { una: 1, un: 1, veintiun: 21 })

/** "la una", "las cuatro". */
export function hours(minute: number): string {
  const hour = dialHour(minute)
  return hour === 1 ? 'la una' : `las ${numberWord(hour)}`
}

/** Minutes as they follow the hour: "un minuto", "veinte". */
export function count(n: number): string {
  return n === 1 ? 'un minuto' : numberWord(n)
}

/** The hour that is named, 1 to 23. */
export function hourValue(text: string): number | undefined {
  const hour = wordValue(text.replace(/ horas?$/, ''))
  return hour !== undefined && hour >= 1 && hour <= 23 ? hour : undefined
}
