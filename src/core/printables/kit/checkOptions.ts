import { isPictureId } from '../../days'
import { isHalf, papers } from '../../drawing'
import { RefusedValue, requireInteger, unreachable } from '../../errors'
import { type RungId, rungOf } from '../../teaching'
import { LANGUAGE_IDS, WORDING_FORMS, languages, told, asPart, type Told } from '../../wording'
import { countsOn } from './counts'
import { ON_HALF } from './sheetIds'
import { checkOwnPlan } from './ownPlan'
import { OPTION_IDS, PRINT_OPTIONS, type OptionId } from './options'
import type { PrintChoices, PrintOptions } from './choices'
import type { PrintOption } from './optionKinds'
import type { PrintableFacts } from './types'

/** Whether a printable takes an option on a rung with this value. */
function isTaken(facts: Pick<PrintableFacts, 'takes'>, id: OptionId): boolean {
  const option: PrintOption = PRINT_OPTIONS[id]
  return option.everywhere === true || (facts.takes as readonly OptionId[]).includes(id)
}

type Takes = Pick<PrintableFacts, 'takes' | 'sizes'>

/** Whether the cards of a printable come in a size. */
const comesIn = ({ sizes }: Takes, size: unknown): boolean =>
  size === undefined || sizes === undefined || sizes.some((each) => each === size)

/** A value as a printable takes it on a rung: one that does not suit gives way to one that does. */
function suited(facts: Takes, id: OptionId, value: unknown, rung: RungId): unknown {
  if (id === 'size' && !comesIn(facts, value)) return PRINT_OPTIONS.size.usual
  const { limit }: PrintOption = PRINT_OPTIONS[id]
  return limit === undefined || limit.suits(value, rung) ? value : limit.instead
}

function suitsRung(id: OptionId, value: unknown, rung: RungId): boolean {
  const { limit }: PrintOption = PRINT_OPTIONS[id]
  return limit === undefined || limit.suits(value, rung)
}

/**
 * The part of what was chosen that a printable takes on a rung, so that choices for one printable can be used for
 * another.
 */
export function takenChoices(facts: Takes, rung: RungId, chosen: PrintChoices): PrintChoices {
  const taken = OPTION_IDS.filter((id) => chosen[id] !== undefined && isTaken(facts, id))
  return withBacks<PrintChoices>(Object.fromEntries(taken.map((id) => [id, suited(facts, id, chosen[id], rung)])))
}

/** A letter of the set stands on backs, so that they are printed with it: turned over as most printers do. */
export function withBacks<Choices extends PrintChoices>(choices: Choices): Choices {
  return choices.letter !== undefined && choices.backs === undefined ? { ...choices, backs: 'long-edge' } : choices
}

/** What was typed, without empty texts and empty lists: left out means as usual. */
export function tidyChoices(chosen: PrintChoices): PrintChoices {
  const entries = OPTION_IDS.map((id) => [id, tidied(PRINT_OPTIONS[id], chosen[id])] as const)
  return Object.fromEntries(entries.filter(([, value]) => value !== undefined))
}

function tidied({ type }: PrintOption, value: PrintChoices[OptionId]): unknown {
  if (type === 'text' && typeof value === 'string') return value.trim() || undefined
  if ((type === 'rows' || type === 'numbers') && Array.isArray(value)) return orNone(value)
  if (type === 'weights' && typeof value === 'object') return Object.keys(value).length > 0 ? value : undefined
  return value
}

function orNone<T>(list: readonly T[]): readonly T[] | undefined {
  return list.length > 0 ? list : undefined
}

/**
 * Throws RefusedValue, which names the option, for a rung that a printable is not made for, a count that it cannot
 * hold, an option that it does not take, and a value outside the table of options.
 */
export function checkOptions(facts: PrintableFacts, options: PrintOptions): void {
  const { rung, count, paper, wording } = options
  if (!facts.suits(rung))
    throw new RefusedValue(told('rung'), told('one that {0} can be made for', asPart(facts.name)), rung)
  const isPaper = Object.hasOwn(papers, paper) || (ON_HALF.includes(facts.id) && isHalf(paper))
  if (!isPaper) throw new RefusedValue(told('paper'), told('one of {0}', Object.keys(papers).join(', ')), paper)
  checkWording(wording)
  const { least, most } = countsOn(facts, rung)
  // A day of one's own has as many questions as rows, whatever count stands beside it.
  if (!options.rows) requireInteger(told('“{0}”', asPart(facts.counts)), count, least, most)
  for (const id of OPTION_IDS) {
    const value = options[id]
    if (value === undefined) continue
    if (!isTaken(facts, id))
      throw new RefusedValue(told(id), told('left out: {0} does not take it', asPart(facts.name)), value)
    checkValue(id, PRINT_OPTIONS[id], value)
    if (id === 'size' && !comesIn(facts, value))
      throw new RefusedValue(
        told(id),
        told('one of {0}: smaller clocks could not be read', (facts.sizes ?? []).join(', ')),
        value,
      )
    const { limit }: PrintOption = PRINT_OPTIONS[id]
    if (!suitsRung(id, value, rung))
      throw new RefusedValue(
        told(id),
        told('another one, since this needs {0}', limit ? asPart(limit.rungs) : ''),
        asPart(told('{0} on “{1}”', String(value), asPart(rungOf(rung).name))),
      )
  }
}

function checkWording({ language, form }: PrintOptions['wording']): void {
  if (!Object.hasOwn(languages, language))
    throw new RefusedValue(told('wording'), told('in one of {0}', LANGUAGE_IDS.join(', ')), language)
  if (!WORDING_FORMS.includes(form))
    throw new RefusedValue(told('wording'), told('in one of the forms {0}', WORDING_FORMS.join(', ')), form)
}

/** Throws RefusedValue unless a value is of its option's type and in its range. */
function checkValue(id: OptionId, option: PrintOption, value: unknown): void {
  const refuse = (allowed: Told, got: unknown = value): never => {
    throw new RefusedValue(told(id), allowed, got)
  }
  switch (option.type) {
    case 'choice':
      if (typeof value !== 'string' || !Object.hasOwn(option.values, value))
        refuse(told('one of {0}', Object.keys(option.values).join(', ')))
      return
    case 'level':
      if (!option.values.includes(value as number)) refuse(told('one of {0}', option.values.join(', ')))
      return
    case 'whole':
      if (!isWhole(value, option.least, option.most) || value % option.step !== 0) refuse(wholeRange(option))
      return
    case 'flag':
      if (typeof value !== 'boolean') refuse(told('true or false'))
      return
    case 'text':
      if (typeof value !== 'string' || value.length > option.longest)
        refuse(told('text of {0} letters at most', option.longest))
      return
    case 'picture':
      if (typeof value !== 'string' || !isPictureId(value)) refuse(told('the name of a picture'))
      return
    case 'rows':
      checkOwnPlan(value)
      return
    case 'numbers':
      if (!isListOf(value, () => true) || value.length > option.most)
        return refuse(told('{0} numbers at most', option.most))
      value.forEach((each, i) => {
        if (!isPositive(each, option.largest))
          throw new RefusedValue(
            told('{0} {1}', asPart(option.each), i + 1),
            told('above 0 and at most {0}', option.largest),
            each,
          )
      })
      return
    case 'weights':
      if (typeof value !== 'object' || value === null || Array.isArray(value))
        return refuse(told('a weight for each misreading that is named'))
      for (const [name, weight] of Object.entries(value))
        if (!option.names.includes(name) || !isPositive(weight, option.largest))
          refuse(told('above 0 and at most {0} for a known misreading', option.largest), `${name}: ${String(weight)}`)
      return
    default:
      unreachable(option)
  }
}

/** A range in words: "a multiple of 5 from 5 to 300". */
function wholeRange({ least, most, step }: { least: number; most: number; step: number }): Told {
  return step === 1
    ? told('a whole number from {0} to {1}', least, most)
    : told('a multiple of {0} from {1} to {2}', step, least, most)
}

function isWhole(value: unknown, least: number, most: number): value is number {
  return Number.isInteger(value) && (value as number) >= least && (value as number) <= most
}

function isPositive(value: unknown, largest: number): boolean {
  return typeof value === 'number' && value > 0 && value <= largest
}

function isListOf(value: unknown, isRight: (each: unknown) => boolean): value is readonly unknown[] {
  return Array.isArray(value) && value.every(isRight)
}
