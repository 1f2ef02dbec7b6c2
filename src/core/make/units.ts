import { told, type Told, asPart } from '../wording'
import { RefusedValue } from '../errors'
import { MM_PER_INCH } from '../drawing'

export type LengthUnit = 'mm' | 'cm' | 'in'

const MM_PER: Record<string, number> = { mm: 1, cm: 10, m: 1000, in: MM_PER_INCH, ft: 304.8 }

/** How a unit may be written after a number. */
const WRITTEN: Record<string, keyof typeof MM_PER> = {
  mm: 'mm',
  cm: 'cm',
  m: 'm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '”': 'in',
  '″': 'in',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  meter: 'm',
  mètre: 'm',
  mètres: 'm',
  metro: 'm',
  metros: 'm',
  zentimeter: 'cm',
  centimètre: 'cm',
  centimètres: 'cm',
  centímetro: 'cm',
  centímetros: 'cm',
  millimeter: 'mm',
  millimètre: 'mm',
  millimètres: 'mm',
  milímetro: 'mm',
  milímetros: 'mm',
  zoll: 'in',
  pouce: 'in',
  pouces: 'in',
  pulgada: 'in',
  pulgadas: 'in',
  fuß: 'ft',
  fuss: 'ft',
  pied: 'ft',
  pieds: 'ft',
  pie: 'ft',
  pies: 'ft',
  "'": 'ft',
  '’': 'ft',
  '′': 'ft',
}

/** "7", "7.5", "7,5", "7 1/2", "1/2" as a number; undefined for anything else. */
function numberOf(text: string): number | undefined {
  const match = /^(?:(\d+(?:[.,]\d+)?)|(?:(\d+) )?(\d+)\/(\d+))$/.exec(text.trim())
  if (!match) return undefined
  const [, plain, whole, over, under] = match
  if (plain !== undefined) return Number(plain.replace(',', '.'))
  return Number(under) === 0 ? undefined : Number(whole ?? 0) + Number(over) / Number(under)
}

/**
 * A length as an adult types it, in mm: with its unit in any of the languages, or in `unit` where none is written. Comma and
 * point are both decimal, halves may be written as fractions, feet may be followed by inches. Throws
 * RefusedValue naming the field for what is no length above 0 and at most 100 m.
 *
 * parseLength('face', '18 cm', 'mm') //=> 180
 * parseLength('face', '7,5', 'cm') //=> 75
 * parseLength('plate', '7 1/2"', 'mm') //=> 190.5
 * parseLength('radius', "7 ft 10 in", 'cm') //=> 2387.6
 */
export function parseLength(field: Told, text: string, unit: LengthUnit | 'm' | 'ft'): number {
  const refuse = () => new RefusedValue(field, told('a length above 0 such as {0}', asPart(EXAMPLES[unit])), text)
  const pieces = [
    ...text
      .trim()
      .toLowerCase()
      .matchAll(/(\d+\/\d+|\d[\d.,]*(?: \d+\/\d+)?)\s*(\p{L}+|["'’”′″])?\s*/gu),
  ]
  if (
    pieces.length === 0 ||
    pieces
      .map(([whole]) => whole)
      .join('')
      .trim() !== text.trim().toLowerCase()
  )
    throw refuse()
  const lengths = pieces.map(([, digits = '', written]) => {
    const value = numberOf(digits)
    const per = MM_PER[written === undefined ? unit : (WRITTEN[written] ?? '')]
    if (value === undefined || per === undefined) throw refuse()
    return value * per
  })
  // Two parts only as feet and inches.
  if (lengths.length > 2 || (lengths.length === 2 && WRITTEN[pieces[0]?.[2] ?? ''] !== 'ft')) throw refuse()
  const mm = Math.round(lengths.reduce((sum, length) => sum + length, 0) * 1000) / 1000
  if (!(mm > 0) || mm > 100_000) throw refuse()
  return mm
}

const EXAMPLES: Readonly<Record<LengthUnit | 'm' | 'ft', Told>> = {
  mm: told('180 mm'),
  cm: told('18 cm'),
  in: told('7 1/2 in'),
  m: told('2.4 m'),
  ft: told('7 ft 10 in'),
}

/**
 * A length in mm as the adult reads it: mm to a half, cm to a tenth, inches to a sixteenth.
 *
 * formatLength(180, 'cm') //=> '18 cm'
 * formatLength(190.5, 'in') //=> '7 1/2 in'
 */
export function formatLength(mm: number, unit: LengthUnit): string {
  if (unit === 'mm') return `${Math.round(mm * 2) / 2} mm`
  if (unit === 'cm') return `${Math.round(mm) / 10} cm`
  const sixteenths = Math.round((mm / MM_PER_INCH) * 16)
  const whole = Math.floor(sixteenths / 16)
  let over = sixteenths % 16
  if (over === 0) return `${whole} in`
  let under = 16
  while (over % 2 === 0) {
    over /= 2
    under /= 2
  }
  return `${whole === 0 ? '' : `${whole} `}${over}/${under} in`
}

/**
 * A distance on the ground, mm: metres to a centimetre, or feet and inches to an inch.
 *
 * formatDistance(2387.6, 'ft') //=> '7 ft 10 in'
 * formatDistance(2387.6, 'm') //=> '2.39 m'
 */
export function formatDistance(mm: number, unit: 'm' | 'ft'): string {
  if (unit === 'm') return `${(Math.round(mm / 10) / 100).toFixed(2)} m`
  const sign = mm < 0 ? '-' : ''
  const inches = Math.round(Math.abs(mm) / MM_PER_INCH)
  return `${sign}${Math.floor(inches / 12)} ft ${inches % 12} in`
}
