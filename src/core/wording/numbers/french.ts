import { dialHour } from '../../clock'
import { numberReader } from '../grammar'

const UNITS = [
  'zéro',
  'un',
  'deux',
  'trois',
  'quatre',
  'cinq',
  'six',
  'sept',
  'huit',
  'neuf',
  'dix',
  'onze',
  'douze',
  'treize',
  'quatorze',
  'quinze',
  'seize',
  'dix-sept',
  'dix-huit',
  'dix-neuf',
]

const TENS = ['', '', 'vingt', 'trente', 'quarante', 'cinquante']

/** Hours and minutes are feminine: "une heure", "vingt et une". */
export function numberWord(n: number): string {
  if (n === 1) return 'une'
  const unit = UNITS[n]
  if (unit !== undefined) return unit
  const ten = TENS[Math.floor(n / 10)] ?? ''
  if (n % 10 === 0) return ten
  return n % 10 === 1 ? `${ten} et une` : `${ten}-${UNITS[n % 10]}`
}

const masculine = Object.fromEntries([1, 21, 31, 41, 51].map((n) => [numberWord(n).replace(/une$/, 'un'), n]))
export const wordValue = numberReader(numberWord, masculine)

/** The hour of a time with "heure" or "heures". */
export function hours(minute: number): string {
  const hour = dialHour(minute)
  return `${numberWord(hour)} ${hour === 1 ? 'heure' : 'heures'}`
}
