import { SAFE_MARGIN_MM, type Drawing, paperOf, textWidth, toSvg } from '../../../src/core/drawing'
import type { Print, PrintOptions } from '../../../src/core/printables'
import { languages, parseTime } from '../../../src/core/wording'
import { type Box, type ReadDial, type ReadShape, apart, boxOf, readDials, readSvg, timeOf } from '../svg'
import { inkCorners, outlinesTouch } from '../ink'

/* What every checker needs: a print read back from its SVG, part by part. Nothing here calls what drew it. */

export type Shapes = readonly ReadShape[]

export interface Read {
  readonly o: PrintOptions
  readonly pages: readonly Shapes[]
  readonly key: readonly Shapes[]
  /** Notes what is wrong; a print without complaints is right. */
  readonly fail: (what: string) => void
  readonly expect: (holds: boolean, what: string) => void
}

export function readPrint(print: Print, o: PrintOptions): Read & { problems: string[] } {
  const problems: string[] = []
  const fail = (what: string) => void problems.push(what)
  const read = (pages: readonly Drawing[]) => pages.map((page) => readSvg(toSvg(page)))
  return {
    o,
    pages: read(print.pages),
    key: read(print.key),
    problems,
    fail,
    expect: (holds, what) => (holds ? undefined : fail(what)),
  }
}

/** The shapes of each part whose name is `name-` and a number, by that number. */
export function groups(shapes: Shapes, name: string): Shapes[] {
  const start = `${name}-`
  const found = new Map<number, ReadShape[]>()
  for (const shape of shapes) {
    const part = shape.parts.find((each) => each.startsWith(start))
    const at = part === undefined ? NaN : Number(part.slice(start.length))
    if (Number.isNaN(at)) continue
    const own = found.get(at)
    if (own) own.push(shape)
    else found.set(at, [shape])
  }
  return [...found].sort(([a], [b]) => a - b).map(([, own]) => own)
}

export function inPart(shapes: Shapes, name: string): Shapes {
  return shapes.filter(({ parts }) => parts.includes(name))
}

/** The texts in a part, lines joined; without a name, those that stand in no dial. */
export function words(shapes: Shapes, name?: string): string {
  const own = name === undefined ? shapes.filter(({ parts }) => !parts.includes('dial')) : inPart(shapes, name)
  return own.flatMap(({ tag, text }) => (tag === 'text' && text ? [text] : [])).join(' ')
}

export const minuteIn = (text: string, { wording }: PrintOptions) => parseTime(text, wording.language)?.minute

/** The dials of some shapes with their times; `minute` is NaN where a hand is missing. */
export function dials(shapes: Shapes): (ReadDial & { time: number })[] {
  return readDials(shapes).map((dial) => ({
    ...dial,
    time: dial.hour === undefined || dial.minute === undefined ? NaN : timeOf(dial).minute,
  }))
}

/** The rows of a day of one's own, in the order of the day. */
export function ownRows({ rows = [] }: PrintOptions): { minute: number; to?: number; what: string }[] {
  return [...rows].sort((a, b) => a.minute - b.minute)
}

/** The hands of each dial, for comparing; also of one hand. */
export const hands = (shapes: Shapes) =>
  dials(shapes).map(({ hour, minute }) => `${hour?.toFixed(1)} ${minute?.toFixed(1)}`)

/** What a dial says on a rung, told by its hands alone, is what the text says. */
export function saysTruth(dial: ReadDial, text: string, o: PrintOptions): boolean {
  const language = languages[o.wording.language]
  const turn = (angle: number) => ((angle % 360) + 360) % 360
  if (dial.minute === undefined)
    return dial.hour !== undefined && text === language.sayAbout(Math.round(turn(dial.hour) * 2) % 720)
  if (dial.hour === undefined) return text === language.sayMinutes(Math.round(turn(dial.minute) / 6) % 60)
  return minuteIn(text, o) === timeOf(dial).minute
}

/** Minutes of a length of time as it is printed, "1 h 35 min". */
export function lengthIn(text: string): number {
  return [...text.matchAll(/(\d+) (h|min)/g)].reduce((sum, [, n, unit]) => sum + Number(n) * (unit === 'h' ? 60 : 1), 0)
}

/** By how many minutes "so much later" or "sooner" moves, told by the language's own words. */
export function shiftIn(text: string, { wording }: PrintOptions): number {
  const { phrases } = languages[wording.language]
  const length = text.replace(/^\d+\. /, '')
  const by = lengthIn(length)
  const said = /\d+ h \d+ min|\d+ h|\d+ min/.exec(length)?.[0] ?? ''
  if (length.includes(phrases.laterBy(said)) || length.includes(phrases.later(said))) return by
  return length.includes(phrases.soonerBy(said)) || length.includes(phrases.sooner(said)) ? -by : NaN
}

export const modulo = (value: number, size: number) => ((value % size) + size) % size

export const widthOf = ({ text = '', size = 0, weight }: ReadShape) =>
  textWidth(text, size, weight === 'bold' ? 'bold' : 'regular')
export const textBox = (shapes: Shapes): Box => boxOf(shapes, widthOf)

/** The straight cut lines of a page of cards, by their places. */
export function cutLines(page: Shapes): { xs: number[]; ys: number[] } {
  const lines = page.filter(
    ({ tag, layer, parts }) => tag === 'line' && layer === 'cut' && !parts.includes('cut-marks'),
  )
  const places = (vertical: boolean) =>
    lines.flatMap(({ points: [a, b] }) =>
      a && b && Math.abs(vertical ? a.x - b.x : a.y - b.y) < 0.01 ? [vertical ? a.x : a.y] : [],
    )
  return { xs: places(true).sort((a, b) => a - b), ys: places(false).sort((a, b) => a - b) }
}

/** The cell between cut lines in which some shapes lie; undefined where they cross a line or lie outside. */
export function cellOf(
  shapes: Shapes,
  { xs, ys }: { xs: number[]; ys: number[] },
): { x: number; y: number } | undefined {
  const box = textBox(shapes)
  const between = (places: number[], from: number, to: number) => {
    const i = places.findIndex((place, at) => from >= place - 0.01 && to <= (places[at + 1] ?? -1) + 0.01)
    return i < 0 ? undefined : ((places[i] as number) + (places[i + 1] as number)) / 2
  }
  const [x, y] = [between(xs, box.left, box.right), between(ys, box.top, box.bottom)]
  return x === undefined || y === undefined ? undefined : { x, y }
}

/** What holds for every page of every print: all inside the margins, texts too; hands that can be told apart. */
export function checkPages({ o, pages, key, expect }: Read): void {
  const { width, height } = paperOf(o.paper)
  for (const page of [...pages, ...key]) {
    const box = textBox(page)
    const isInside =
      Math.min(box.left, box.top) >= SAFE_MARGIN_MM - 0.01 &&
      box.right <= width - SAFE_MARGIN_MM + 0.01 &&
      box.bottom <= height - SAFE_MARGIN_MM + 0.01
    expect(isInside, `something reaches out of the page: ${JSON.stringify(box)}`)
    for (const dial of dials(page))
      if (dial.hour !== undefined && dial.minute !== undefined) {
        expect(timeOf(dial).hourOut < 0.1, `an hour hand is ${timeOf(dial).hourOut} degrees out`)
        // Noon and midnight are asked for where the halves of the day are.
        const isAsked = o.rung === 'day-halves' && dial.time === 0
        expect(isAsked || apart(dial.hour, dial.minute) >= 11.95, `hands hide each other at ${dial.time}`)
      }
    for (const text of page.filter(({ tag }) => tag === 'text'))
      expect((text.size ?? 0) >= leastSize(text), `“${text.text}” is too small to read`)
    expectClear(page, expect)
    const asked = groups(page, 'question')
    asked.forEach((one, i) =>
      asked
        .slice(i + 1)
        .forEach((other) => expect(!overlap(textBox(one), textBox(other)), `question ${i + 1} runs into another`)),
    )
  }
}

/** The smallest letters that a child reads, em in mm; the foot of a page is for the adult. */
const leastSize = ({ text = '' }: ReadShape) => (/100 %|^Ripe Acorn/.test(text) ? 1.8 : 2.39)

/** Texts of one clock lie no farther apart than this, mm. */
const ONE_CLOCK_MM = 60

/** The words on a clock, by their true letters, lie on none of its other words and numerals. */
function expectDialWordsClear(page: Shapes, expect: Read['expect']): void {
  const texts = page
    .filter(({ tag, parts }) => tag === 'text' && parts.includes('dial'))
    .map((text) => ({
      text,
      corners: inkCorners(text, (letter, isBold) => textWidth(letter, 1, isBold ? 'bold' : 'regular')),
    }))
  const isWord = ({ text = '' }: ReadShape) => !/^\d+$/.test(text)
  texts.forEach(({ text, corners }, i) => {
    if (!isWord(text)) return
    const other = texts.find(
      (each, at) =>
        (at > i || !isWord(each.text)) &&
        at !== i &&
        Math.hypot((each.corners[0]?.x ?? 0) - (corners[0]?.x ?? 0), (each.corners[0]?.y ?? 0) - (corners[0]?.y ?? 0)) <
          ONE_CLOCK_MM &&
        outlinesTouch(corners, each.corners),
    )
    expect(!other, `on a clock “${text.text}” lies on “${other?.text.text}”`)
  })
}

/** No words lie on a clock that they do not belong to, nor on other words; no clock on another. */
function expectClear(page: Shapes, expect: Read['expect']): void {
  const faces = page.flatMap(({ tag, parts, origin, points: [left, right] }) =>
    tag === 'circle' && parts.at(-1) === 'dial' && left && right && Math.abs((left.x + right.x) / 2 - origin.x) < 0.01
      ? [{ at: origin, radius: (right.x - left.x) / 2 }]
      : [],
  )
  faces.forEach(({ at, radius }, i) => {
    const other = faces.slice(i + 1).find((each) => {
      const away = Math.hypot(each.at.x - at.x, each.at.y - at.y)
      // Edge and pivot of one clock have one middle.
      return away > 0.1 && away < each.radius + radius
    })
    expect(!other, 'a clock lies on another')
  })
  expectDialWordsClear(page, expect)
  // Turned words stand in a sector, which holds them.
  const texts = page.filter(({ tag, parts, turn }) => tag === 'text' && !turn && !parts.includes('dial'))
  const boxes = texts.map((text) => textBox([text]))
  for (const [i, text] of texts.entries()) {
    const box = boxes[i] as Box
    const under = boxes.findIndex((other, at) => at > i && overlap(box, other))
    expect(under < 0, `“${text.text}” lies on “${texts[under]?.text}”`)
    const { left, right, top, bottom } = box
    const on = faces.find(
      ({ at, radius }) =>
        Math.hypot(Math.max(left - at.x, at.x - right, 0), Math.max(top - at.y, at.y - bottom, 0)) < radius,
    )
    expect(!on, `“${text.text}” lies on a clock`)
  }
}

function overlap(a: Box, b: Box): boolean {
  return a.left < b.right - 0.05 && b.left < a.right - 0.05 && a.top < b.bottom - 0.05 && b.top < a.bottom - 0.05
}

/**
 * The pages of questions beside their key, question by question, as many as were asked for; the times that are asked
 * about differ.
 */
export function questions(
  read: Read,
  wanted = read.o.rows?.length ?? read.o.count,
): { asked: Shapes; answered: Shapes }[] {
  const asked = groups(read.pages.flat(), 'question')
  const answered = groups(read.key.flat(), 'question')
  read.expect(
    asked.length === wanted && answered.length === wanted,
    `${asked.length} questions and ${answered.length} answers instead of ${wanted}`,
  )
  return asked.map((each, i) => {
    expectRepeated(read, each, answered[i] ?? [], `question ${i + 1}`)
    return { asked: each, answered: answered[i] ?? [] }
  })
}

/** A key shows what was asked, in its place, and the answer besides: it is never the key of another page. */
export function expectRepeated({ expect }: Read, asked: Shapes, answered: Shapes, name: string): void {
  const placed = (shapes: Shapes) =>
    // Words on a clock make way for its hands, which a key may add.
    shapes.flatMap(({ tag, text, parts, points: [at] }) =>
      tag === 'text' && !parts.some((part) => part === 'dial' || part === 'face')
        ? [`“${text}” at ${at?.x.toFixed(1)} ${at?.y.toFixed(1)}`]
        : [],
    )
  const turned = (shapes: Shapes) =>
    dials(shapes).flatMap(({ pivot, ...turns }) =>
      (['hour', 'minute'] as const).flatMap((hand) =>
        turns[hand] === undefined
          ? []
          : [`${hand} ${[pivot.x, pivot.y, turns[hand]].map((n) => n.toFixed(1)).join(' ')}`],
      ),
    )
  const [texts, hands] = [new Set(placed(answered)), new Set(turned(answered))]
  for (const text of placed(asked)) expect(texts.has(text), `${text} of ${name} is not in the key`)
  for (const dial of turned(asked)) expect(hands.has(dial), `hands of ${name} are not in the key: ${dial}`)
}

export function expectDistinct({ expect }: Read, values: readonly (string | number | undefined)[], what: string): void {
  expect(
    new Set(values).size === values.length &&
      !values.includes(undefined) &&
      !values.some((value) => Number.isNaN(value)),
    `${what}: ${values.join(', ')}`,
  )
}

/** The answer in the key, written or ringed; ringed, it is one of different choices, of which only it may be right. */
export function answerIn(read: Read, asked: Shapes, answered: Shapes, isRight: (text: string) => boolean): void {
  const choices = groups(answered, 'choice')
  if (choices.length === 0) {
    read.expect(isRight(words(answered, 'answer')), `wrong key “${words(answered, 'answer')}”`)
    read.expect(words(asked, 'answer') === '', 'the answer stands on the page')
    return
  }
  const texts = choices.map((choice) => words(choice))
  expectDistinct(read, texts, 'two choices say the same')
  read.expect(texts.filter(isRight).length === 1, `of the choices ${texts.join(' | ')} not just one is right`)
  const ringed = choices.filter((choice) => inPart(choice, 'ring').length > 0).map((choice) => words(choice))
  read.expect(ringed.length === 1 && isRight(ringed[0] ?? ''), `ringed: ${ringed.join(' | ')}`)
  read.expect(inPart(asked, 'ring').length === 0, 'the answer is ringed on the page')
  read.expect(
    groups(asked, 'choice')
      .map((choice) => words(choice))
      .join('|') === texts.join('|'),
    'page and key offer different choices',
  )
}
