import { onDial } from '../../clock'
import { pictureShapes } from '../../days'
import {
  type Drawing,
  FAINT,
  greyed,
  group,
  HEAD_PICTURE_MM,
  INK,
  line,
  makePage,
  type PageRequest,
  type Shape,
  textAt,
} from '../../drawing'
import { isTwoHanded, type Item, sayAnswer } from '../../teaching'
import { barText, languages, say, type Told } from '../../wording'
import type { PrintLooks, PrintOptions } from './choices'
import { cutTitle, titleOr } from './footers'
import type { Cell } from './grid'

/** Words even where the group writes figures, beside the figures or the clock of the same time. */
export function wordsFor(item: Item, options: PrintOptions): string {
  const said = sayAnswer(item, item.answer, options.wording)
  return isTwoHanded(item.rung) && /^\d/.test(said) ? inWords(item.shown.minute, options) : said
}

/** A dial time in the group's words. */
export function inWords(minute: number, { wording }: PrintOptions): string {
  return say(onDial(minute), { ...wording, form: wording.form === 'minutes-past' ? wording.form : 'turns' })
}

/** Shapes that belong together, so that they can be found in the drawing by their name. */
export function part(name: string, shapes: readonly Shape[], x = 0, y = 0): Shape {
  return group(shapes, { part: name, x, y })
}

/** What the frame of a page is made from. */
type FrameOptions = PrintLooks & Pick<PrintOptions, 'paper' | 'wording' | 'picture'>

/** A page of a print in the frame that all have: its head in the chosen look, the 100 mm bar, its number. */
export function framedPage(
  { paper, wording, look, picture, lowInk, grey }: FrameOptions,
  parts: Pick<PageRequest, 'title' | 'footer' | 'name' | 'body'>,
): Drawing {
  const dress = {
    isWorkshop: look === 'workshop',
    lowInk,
    ...(picture && { picture: pictureShapes(picture, HEAD_PICTURE_MM, { lowInk }) }),
  }
  const page = makePage({ paper, bar: barText(wording), dress, ...parts })
  return grey ? greyed(page) : page
}

/** A page of cells that children write on, with a line for the name. */
export function childPage(options: PrintOptions, title: string, footer: string, body: readonly Shape[]): Drawing {
  const label = languages[options.wording.language].phrases.name
  return framedPage(options, { title, footer, name: { line: true, text: options.owner, label }, body })
}

/** A page of something to cut out, whose usual title says so and for whom it is. */
export function cutPage(
  options: PrintOptions,
  name: Told,
  { footer, body }: { footer: string; body: readonly Shape[] },
) {
  const title = cutTitle(name, options)
  return framedPage(options, {
    title: titleOr(options, options.owner ? `${title} (${options.owner})` : title),
    footer,
    body,
  })
}

/** The number of a question, in the corner of its cell. */
export function numberIn(cell: Cell, place: number): Shape {
  return textAt(String(place + 1), { x: cell.x + 1, y: cell.y + 6 }, { size: 4.5, fill: FAINT })
}

export function rule(x1: number, x2: number, y: number): Shape {
  return line({ x: x1, y }, { x: x2, y }, { stroke: INK, strokeMm: 0.3 })
}

/** A dial time in figures, as the group's language writes it. */
export function figures(minute: number, { wording }: PrintOptions): string {
  return say(onDial(minute), { ...wording, form: 'digital' })
}
