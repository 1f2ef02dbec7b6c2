import { dialHour } from '../../clock'
import { numberReader } from '../grammar'

const UNITS = [
  'null',
  'eins',
  'zwei',
  'drei',
  'vier',
  'fünf',
  'sechs',
  'sieben',
  'acht',
  'neun',
  'zehn',
  'elf',
  'zwölf',
  'dreizehn',
  'vierzehn',
  'fünfzehn',
  'sechzehn',
  'siebzehn',
  'achtzehn',
  'neunzehn',
]

const TENS = ['', '', 'zwanzig', 'dreißig', 'vierzig', 'fünfzig']

/** 21 is "einundzwanzig": the unit comes first. */
function numberWord(n: number): string {
  const unit = UNITS[n]
  if (unit !== undefined) return unit
  const ten = TENS[Math.floor(n / 10)] ?? ''
  return n % 10 === 0 ? ten : `${n % 10 === 1 ? 'ein' : UNITS[n % 10]}und${ten}`
}

export const wordValue = numberReader(numberWord, { ein: 1, eine: 1, zwo: 2 })

/** A named hour, 1 to 12: "ein Uhr", but "halb eins". */
export function hourValue(text: string): number | undefined {
  if (/^eine?$/.test(text)) return undefined
  const value = wordValue(text.replace(/ uhr$/, ''))
  return value !== undefined && value >= 1 && value <= 12 ? value : undefined
}

/** The hour of a time as a word. */
export const hourName = (minute: number) => numberWord(dialHour(minute))

/** "fünf", but "dreizehn Minuten" and "eine Minute". */
export function count(n: number): string {
  if (n === 15) return 'Viertel'
  return n % 5 === 0 ? numberWord(n) : minutesInWords(n)
}

/** Minutes with their noun: "eine Minute", "zwanzig Minuten". */
export function minutesInWords(n: number): string {
  return n === 1 ? 'eine Minute' : `${numberWord(n)} Minuten`
}
