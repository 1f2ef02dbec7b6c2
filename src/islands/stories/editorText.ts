import type { JSONContent } from '@tiptap/core'
import type { Node } from '@tiptap/pm/model'

/* The editor has a paragraph for each line; the story has one text. Places go from one to the other here. */

/** A text as the editor holds it. */
export function docOfText(text: string): JSONContent {
  const content = text.split('\n').map((line) => ({
    type: 'paragraph',
    ...(line !== '' && { content: [{ type: 'text', text: line }] }),
  }))
  return { type: 'doc', content }
}

/** The lines of the editor as one text. */
export function textOfDoc(doc: Node): string {
  return doc.textBetween(0, doc.content.size, '\n', '\n')
}

/** Where a letter of the text stands in the editor; undefined behind its end. */
export function placeInDoc(doc: Node, letter: number): number | undefined {
  let before = 0
  let found: number | undefined
  doc.forEach((paragraph, offset) => {
    const { size } = paragraph.content
    if (found === undefined && letter <= before + size) found = offset + 1 + (letter - before)
    before += size + 1
  })
  return found
}

/** The letters of the text that are selected. */
export function rangeInText(doc: Node, { from, to }: { from: number; to: number }) {
  const at = (place: number) => doc.textBetween(0, place, '\n', '\n').length
  return to > from ? { from: at(from), to: at(to) } : undefined
}
