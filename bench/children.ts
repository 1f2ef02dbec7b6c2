import { MINUTES_PER_TURN, handAngles, minutesPast, onDial } from '../src/core/clock'
import { type Answer, type Finding, type Question, diagnose } from '../src/core/knowing'
import { type Random, draw, drawUnit, randomFrom } from '../src/core/random'
import {
  type Item,
  type MisreadingId,
  type RungId,
  type Value,
  asksOf,
  isOpen,
  isRight,
  itemPool,
  misreadingOf,
  neighbours,
  rungs,
  sameValue,
  wrongAnswers,
} from '../src/core/teaching'
import { answersInTurn, chosenOn } from './checks'

/*
 * A model of children apart from the app's: how a dial is misread is written here again, from the table in the facts
 * of the job, and a child who sets as they read sets a clock that they would read as the wanted time, found by trying
 * all 720. Mistakes of writing and reckoning, which are held in one place only, come from the app's table.
 */

/** Where a child holds it: in one place only, or wherever it can be held. */
export type Kind = 'reading' | 'setting' | 'saying' | 'everywhere'
export const KINDS: readonly Kind[] = ['reading', 'setting', 'saying', 'everywhere']

export interface ModelChild {
  readonly id?: MisreadingId
  readonly kind: Kind
  readonly strength: number
  readonly slip: number
}

const at = (hour: number, minutes: number) => onDial(hour * 60 + minutes)

/** What a child who holds the misreading reads off a dial that shows a time (0 to 719), as times. */
const readAs: Partial<Record<MisreadingId, (minute: number, rung: RungId) => number[]>> = {
  // Who counts single minutes reads the short hand to the minute: 7:12 is 2:36.
  'swapped-hands': (minute, rung) => {
    const marks = minute / 12
    const read = rung === 'minute' ? Math.round(marks) : Math.ceil(marks / 5 - 0.5) * 5
    return [at(Math.floor(minutesPast(minute) / 5), read % 60)]
  },
  'next-hour': (minute) => (minutesPast(minute) >= 30 ? [onDial(minute + 60)] : []),
  'hour-just-gone': (minute) => (minutesPast(minute) > 30 ? [onDial(minute - 60)] : []),
  'numeral-as-minutes': (minute) =>
    minutesPast(minute) % 5 === 0 ? [at(Math.floor(minute / 60), minutesPast(minute) / 5)] : [],
  'quarter-as-25': (minute) => (minutesPast(minute) === 15 ? [onDial(minute + 10)] : []),
  'past-for-to': (minute) => {
    const [hour, minutes] = [Math.floor(minute / 60), minutesPast(minute)]
    if (minutes === 0 || minutes === 30) return []
    return minutes > 30
      ? [at(hour, 60 - minutes), at(hour + 1, 60 - minutes)]
      : [at(hour - 1, 60 - minutes), at(hour, 60 - minutes)]
  },
  'wrong-way': (minute) => [
    at(12 - Math.floor(minute / 60), (60 - minutesPast(minute)) % 60),
    onDial(MINUTES_PER_TURN - minute),
  ],
  'hour-only': (minute) => [minute - minutesPast(minute)],
  'minutes-only-fives': (minute) => [onDial(minute - 5), onDial(minute + 5)],
  'one-mark-out': (minute, rung) => (rung === 'minute' ? [onDial(minute - 1), onDial(minute + 1)] : []),
  'marks-left-out': (minute, rung) => {
    if (rung !== 'minute') return []
    const five = minute - (minute % 5)
    return minutesPast(minute) > 30 ? [five, onDial(five + 5)] : [five]
  },
}

/** The clocks that a child who sets as they read sets for a wanted time. */
function setsFor(id: MisreadingId, wanted: number, rung: RungId): Value[] {
  // The long hand is not looked at: it lies anywhere.
  if (id === 'hour-only')
    return Array.from({ length: 24 }, (_, i) => ({
      kind: 'hands',
      hour: handAngles(wanted - (i % 2 === 0 ? minutesPast(wanted) : 0)).hour,
      minute: i * 15,
    }))
  // What is not looked at is left out when setting, too.
  if (id === 'marks-left-out') return (readAs[id]?.(wanted, rung) ?? []).map((minute) => ({ kind: 'time', minute }))
  if (id === 'swapped-hands') {
    const { hour, minute } = handAngles(wanted)
    return [{ kind: 'hands', hour: minute, minute: hour }]
  }
  const read = readAs[id]
  if (!read) return wrongAnswers(misreadingOf(id), { ...setItem(rung, wanted) })
  // A quarter is where 25 is looked for, too.
  if (id === 'quarter-as-25' && minutesPast(wanted) === 15) return [{ kind: 'time', minute: wanted + 10 }]
  return Array.from({ length: MINUTES_PER_TURN }, (_, minute) => minute)
    .filter((minute) => read(minute, rung).includes(wanted))
    .map((minute) => ({ kind: 'time', minute }))
}

const setItem = (rung: RungId, minute: number): Item => ({
  rung,
  ask: 'set',
  shown: { as: 'words', minute },
  answer: { kind: 'time', minute },
  lures: [],
})

/** What the misreading leads to here; nothing where the child does not hold it in this place. */
export function ledTo({ id, kind }: ModelChild, item: Item): Value[] {
  if (!id) return []
  const single = misreadingOf(id).heldIn.length === 1
  const place = item.ask === 'set' ? 'setting' : item.ask === 'say' ? 'saying' : 'reading'
  if (!single && kind !== 'everywhere' && kind !== place) return []
  const read = readAs[id]
  // The hour that the minutes make is forgotten: 8:35 to 10:05 is half an hour.
  if (id === 'no-bridge' && item.answer.kind === 'duration') {
    const minutes = item.answer.hours * 60 + item.answer.minutes - 60
    return minutes > 0 ? [{ kind: 'duration', hours: Math.floor(minutes / 60), minutes: minutes % 60 }] : []
  }
  const values =
    item.ask === 'set'
      ? setsFor(id, item.shown.minute, item.rung)
      : read && item.answer.kind === 'time' && misreadingOf(id).appliesTo(item)
        ? read(item.shown.minute, item.rung).map((minute): Value => ({ kind: 'time', minute }))
        : wrongAnswers(misreadingOf(id), item)
  return values.filter((value) => !isRight(item, value))
}

/** Hands as a child leaves them, a little off. */
function asSet(random: Random, value: Value): Value {
  if (value.kind !== 'time' && value.kind !== 'hands') return value
  const hands = value.kind === 'hands' ? value : handAngles(onDial(value.minute))
  const off = () => 2 * drawUnit(random) - 1
  return { kind: 'hands', hour: hands.hour + off(), minute: hands.minute + off() }
}

export function answerOf(random: Random, child: ModelChild, { item, choices }: Question): Value {
  const open = (value: Value) => (item.ask === 'set' ? asSet(random, value) : value)
  const led = ledTo(child, item).filter(
    (value) => choices.length === 0 || choices.some((choice) => sameValue(choice, value)),
  )
  if (led.length > 0 && drawUnit(random) < child.strength) return open(draw(random, led))
  if (drawUnit(random) >= child.slip) return open(item.answer)
  const others = (choices.length > 0 ? choices : neighbours(random, item).map(({ value }) => value)).filter(
    (value) => !isRight(item, value),
  )
  return open(draw(random, others))
}

/** The child's answers to the first questions that the app chooses on a rung. */
export function chosenAnswers(child: ModelChild, rung: RungId, seed: number, count: number): Answer[] {
  const random = randomFrom(seed)
  return answersInTurn(count, chosenOn(rung, seed), (question) => answerOf(random, child, question))
}

/** The first finding after so many answers. */
export function firstFinding(answers: readonly Answer[], count: number): Finding | undefined {
  return diagnose(answers.slice(0, count)).findings[0]
}

/** The rungs on which a misreading of this kind shows in one question in twenty, or more, of some way of asking. */
export function rungsWhere(id: MisreadingId, kind: Kind): RungId[] {
  const child: ModelChild = { id, kind, strength: 1, slip: 0 }
  return rungs
    .map((rung) => rung.id)
    .filter((rung) =>
      asksOf(rung).some((ask) => {
        const pool = itemPool(randomFrom(1), { rung, ask })
        const showing = pool.filter((item) =>
          ledTo(child, item).some((value) => isOpen(item.ask) || value.kind === item.answer.kind),
        ).length
        return showing >= Math.max(2, pool.length / 20)
      }),
    )
}

/** The kinds of a misreading: those held in one place only are of that kind alone. */
export function kindsOf(id: MisreadingId): Kind[] {
  const { heldIn } = misreadingOf(id)
  if (heldIn.length > 1) return KINDS.filter((kind) => kind === 'everywhere' || heldIn.includes(kind))
  return heldIn[0] === 'setting' ? ['setting'] : ['reading']
}
