import { printable } from '../../drawing'
import { rungOf } from '../../teaching'
import { nameIn, printedAs, type Told } from '../../wording'
import type { PrintOptions } from './choices'

/** The adult's own title if the print fonts can draw any of it; otherwise the usual one. */
export function titleOr({ title }: PrintOptions, usual: string): string {
  return printable(title ?? '') === '' ? usual : (title ?? usual)
}

/** What made the page, so that it can be made again. */
export function printFooter(name: Told, { rung, wording }: PrintOptions, seed: number): string {
  const number = printedAs('no. {0}', wording, seed)
  return `Ripe Acorn · ${nameIn(wording, name)} · ${nameIn(wording, rungOf(rung).name)} · ${number}`
}

export function keyFooter(footer: string, { wording }: PrintOptions): string {
  return `${footer} · ${printedAs('key', wording)}`
}

/** Over cards that are cut out, and over the key of a print. */
export function cutTitle(name: Told, { wording }: PrintOptions): string {
  return printedAs('{0}: cut along the lines', wording, nameIn(wording, name))
}

export function keyTitle(name: Told, { wording }: PrintOptions): string {
  return printedAs('Answers: {0}', wording, nameIn(wording, name))
}
