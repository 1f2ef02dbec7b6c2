import { DOINGS, languages, say } from '../../../src/core/wording'
import { apart } from '../svg'
import {
  type Read,
  type Shapes,
  answerIn,
  dials,
  expectDistinct,
  hands,
  lengthIn,
  minuteIn,
  modulo,
  questions,
  saysTruth,
  shiftIn,
  textBox,
  words,
} from './reading'

/** A check has all kinds of questions; what is asked is read from its words. */
export function checking(read: Read): void {
  const { o } = read
  const { phrases } = languages[o.wording.language]
  const pairs = questions(read)
  expectDistinct(
    read,
    pairs.map(({ asked }) => `${words(asked).replace(/^\d+ /, '')} ${hands(asked).join(', ')} ${pointedAt(asked)}`),
    'a question comes twice',
  )
  const rights = pairs.map(({ asked, answered }) => {
    const toSet = words(asked, 'time')
    if (toSet === '') {
      answerIn(read, asked, answered, (text) => isRight(read, asked, text))
      return words(answered, 'answer')
    }
    const said = words(asked, 'asked')
    read.expect(dials(asked).length === 0 && said === phrases.drawHands, `“${said}” over a clock that is set already`)
    read.expect(dials(answered)[0]?.time === minuteIn(toSet, o), `the key’s hands are not at “${toSet}”`)
    return toSet
  })
  expectGuide(read, rights)
}

/** Does this answer what is asked, by the words and the dials on the page alone? */
function isRight(read: Read, asked: Shapes, text: string): boolean {
  const { o } = read
  const { phrases, dayPart } = languages[o.wording.language]
  const said = words(asked, 'asked')
  const [dial, to] = dials(asked)
  const time = dial?.time ?? NaN
  switch (o.rung) {
    case 'elapsed':
      return modulo(lengthIn(text), 720) === modulo((to?.time ?? NaN) - time, 720)
    case 'later':
      return minuteIn(text, o) === modulo(time + shiftIn(said, o), 720)
    case 'work-back':
      return isStart(read, { said, deadline: time, text })
    case 'rounding':
      return (minuteIn(text, o) ?? 1) % 5 === 0 && apart((minuteIn(text, o) ?? 0) / 2, time / 2) <= 1
    case 'day-24': {
      const minute = Number(text.slice(0, 2)) * 60 + Number(text.slice(3))
      return /^\d\d:\d\d$/.test(text) && minute % 720 === time && said === phrases.write24(dayPart(minute))
    }
    case 'day-halves': {
      const isAsked = (doing: Doing) => said.toLowerCase() === phrases.whichHalf(phrases.doings[doing]).toLowerCase()
      const minute = sayDay(text, read)
      return minute % 720 === time && DOINGS.some((doing) => isAsked(doing) && usuallyAt(doing, minute))
    }
    case 'timetable': {
      const row = DOINGS.find((doing) => said === phrases.whenIs(phrases.doings[doing]))
      const ends = (own: string) => row !== undefined && own.endsWith(` ${phrases.doings[row]}`)
      const line = asked.find(({ text: own = '' }) => ends(own))?.text ?? ''
      return minuteIn(text, o) === (Number(line.slice(0, 2)) * 60 + Number(line.slice(3, 5))) % 720
    }
    case 'parts':
      return text === phrases.parts[pointedAt(asked)]
    default:
      return dial !== undefined && saysTruth(dial, text, o)
  }
}

interface Start {
  readonly said: string
  readonly deadline: number
  readonly text: string
}

/** All the lengths that are named, taken off the time by which it must be done. */
function isStart({ o }: Read, { said, deadline, text }: Start): boolean {
  const { phrases } = languages[o.wording.language]
  const digital = (minute: number) => say(minute, { ...o.wording, form: 'digital' })
  const steps = [...said.matchAll(/\d+ h \d+ min|\d+ h|\d+ min/g)].map(([step]) => step)
  const isAsked = [deadline, deadline + 720].some((minute) => said === phrases.startWhen(digital(minute), steps))
  const total = steps.reduce((sum, step) => sum + lengthIn(step), 0)
  return isAsked && minuteIn(text, o) === modulo(deadline - total, 720)
}

/** The letters of the misreadings, and the questions, by the size of their text, mm. */
const [LETTERS_MM, QUESTIONS_MM] = [4, 3.3]

/**
 * The guide for the adult has every answer, calls none of them wrong, and says of each letter what it stands for: the
 * misreading that leads there.
 */
function expectGuide(read: Read, rights: readonly string[]): void {
  const lines = read.key.slice(1).flat()
  const ofSize = (size: number) =>
    lines.flatMap(({ tag, text, size: own }) => (tag === 'text' && text && own === size ? [text] : []))
  const meanings = new Set(ofSize(LETTERS_MM).flatMap((text) => /^([A-Z]) – /.exec(text)?.[1] ?? []))
  const said = questionsIn(ofSize(QUESTIONS_MM))
  read.expect(
    rights.every((right, i) => right === '' || said[i]?.startsWith(`${right} — `) || said[i] === right),
    'an answer is not in the guide',
  )
  for (const [i, line] of said.entries()) {
    const wrong = line.split(' — ').slice(1).join(' — ').split(' · ').filter(Boolean)
    read.expect(!wrong.some((each) => each.startsWith(`${rights[i]}: `)), `the guide calls “${rights[i]}” wrong`)
    const letters = wrong.flatMap((each) => /: ([A-Z](?:, [A-Z])*)$/.exec(each)?.[1]?.split(', ') ?? ['none'])
    read.expect(
      letters.every((letter) => meanings.has(letter)),
      'a wrong answer has no meaning in the guide',
    )
  }
}

/** What stands after the number of each question, its lines put together again. */
function questionsIn(texts: readonly string[]): string[] {
  const said: string[] = []
  for (const text of texts) {
    const begins = new RegExp(`^${said.length + 1}\\. (.*)`).exec(text)
    if (begins) said.push(begins[1] ?? '')
    else if (said.length > 0) said.push(`${said.pop()} ${text}`)
  }
  return said
}

type Doing = (typeof DOINGS)[number]

/** 0 to 1439 of a time of day as the group's language says it, noon and midnight in words. */
function sayDay(text: string, { o }: Read): number {
  for (let minute = 0; minute < 1440; minute += 5)
    if (say(minute, { ...o.wording, form: 'digital', options: { dayHalf: true } }) === text) return minute
  return NaN
}

/** The half of the day in which each doing is to be expected. */
function usuallyAt(doing: Doing, minute: number): boolean {
  const isMorning = minute < 720
  if (doing === 'asleep') return minute < 360 || minute >= 1200
  return isMorning === ['wake-up', 'breakfast', 'school'].includes(doing)
}

/** The part of the clock that is ringed, told by where the ring lies. */
function pointedAt(shapes: Shapes): 'centre' | 'face' | 'hour-hand' | 'minute-hand' | 'second-hand' {
  const [dial] = dials(shapes)
  const ring = shapes.filter(({ tag, parts }) => tag === 'circle' && parts.at(-1) === 'dial').at(-1)
  const box = textBox(ring ? [ring] : [])
  const edge = textBox(shapes.filter(({ tag, parts }) => tag === 'circle' && parts.at(-1) === 'dial'))
  const radius = (edge.right - edge.left) / 2
  const [x, y] = [(box.left + box.right) / 2 - (dial?.pivot.x ?? 0), (box.top + box.bottom) / 2 - (dial?.pivot.y ?? 0)]
  if (Math.hypot(x, y) < 0.01) return (box.right - box.left) / 2 > radius / 2 ? 'face' : 'centre'
  const angle = (Math.atan2(x, -y) * 180) / Math.PI
  if (apart(angle, dial?.hour ?? NaN) < 1) return 'hour-hand'
  return apart(angle, dial?.minute ?? NaN) < 1 ? 'minute-hand' : 'second-hand'
}
