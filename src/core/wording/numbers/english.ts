import { numberReader } from '../grammar'

const UNITS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
]

const TENS = ['', '', 'twenty', 'thirty', 'forty', 'fifty']

/** A number from 0 to 59 in words. */
export function numberWord(n: number): string {
  const unit = UNITS[n]
  if (unit !== undefined) return unit
  const ten = TENS[Math.floor(n / 10)] ?? ''
  return n % 10 === 0 ? ten : `${ten}-${UNITS[n % 10]}`
}

/** Reads "twenty five", "twenty-five" and "25" alike. Undefined for anything that is not a number from 0 to 59. */
export const wordValue = numberReader(numberWord, { 'five and twenty': 25 })

/** A named hour, 1 to 12; undefined for anything else, 13 included. */
export function hourValue(text: string): number | undefined {
  const value = wordValue(text.replace(/ ?o.?clock$/, ''))
  return value !== undefined && value >= 1 && value <= 12 ? value : undefined
}

/** Fives are said bare ("twenty past"), all other counts with the word ("thirteen minutes past"). */
export function minuteCount(n: number): string {
  if (n === 15) return 'quarter'
  if (n === 30) return 'half'
  return n % 5 === 0 ? numberWord(n) : `${numberWord(n)} ${n === 1 ? 'minute' : 'minutes'}`
}
