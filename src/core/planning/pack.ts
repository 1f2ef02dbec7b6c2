import { type Drawing, type FlowBlock, flowPages, INK, paragraph, stack } from '../drawing'
import { countsOn, framedPage, type Print, printableOf, takenChoices } from '../printables'
import { rungOf } from '../teaching'
import { nameIn, nameWithin, printedAs } from '../wording'
import { answerPages } from './answerPages'
import {
  type PackChild,
  packChoices,
  type PackThing,
  type PackWish,
  type PackLine,
  packLines,
  packNote,
} from './packLines'

export interface Pack {
  readonly pages: readonly Drawing[]
  readonly keys: readonly Drawing[]
  readonly cover: readonly Drawing[]
}

/** Makes a pack piece by piece: after each print it is told how many of them are done. */
export function makePack(wish: PackWish, onPrint: (done: number, total: number) => void = () => undefined): Pack {
  const lines = packLines(wish)
  const made = lines.map((line, i) => {
    const print = printOf(line, wish, i)
    onPrint(i + 1, lines.length)
    return { line, print }
  })
  const coverLength = coverPages(wish, made, 1).length
  return {
    cover: coverPages(wish, made, coverLength + 1),
    pages: made.flatMap(({ print }) => print.pages),
    keys: answersOf(wish, made),
  }
}

type MadeLines = readonly { readonly line: PackLine; readonly print: Print }[]

function answersOf(wish: PackWish, made: MadeLines): Drawing[] {
  const prints = made.map(({ line: { printable, rung, seed, child }, print }) => ({
    printable: printableOf(printable),
    rung,
    seed,
    owner: child,
    print,
  }))
  return answerPages(prints, wish.answersOnPaper, wish)
}

function printOf({ printable: id, rung, seed }: PackLine, wish: PackWish, place: number): Print {
  const { paper, wording, lowInk, grey, look, children, things } = wish
  const child = children[Math.floor(place / things.length)] as PackChild
  const thing = things[place % things.length] as PackThing
  const printable = printableOf(id)
  const counts = countsOn(printable, rung)
  const count = Math.min(thing.count ?? counts.usual, counts.most)
  const choices = takenChoices(printable, rung, {
    ...packChoices(thing),
    lowInk,
    grey,
    look,
    owner: child.name,
    picture: child.picture,
    weights: child.weights,
  })
  return printable.make({ paper, wording, rung, count, ...choices }, seed)
}

/** Who gets what, on which pages of the whole, and where the answers begin. */
function coverPages(wish: PackWish, made: MadeLines, first: number): Drawing[] {
  const { paper, title, things, wording, answersOnPaper } = wish
  let at = first
  const entries = made.map(({ line, print }) => {
    const from = at
    at += print.pages.length
    const isOne = from === at - 1
    return {
      line,
      pages: isOne ? printedAs('page {0}', wording, from) : printedAs('pages {0} to {1}', wording, from, at - 1),
    }
  })
  const blocks = Array.from({ length: entries.length / things.length }, (_, i): FlowBlock => {
    const own = entries.slice(i * things.length, (i + 1) * things.length)
    const heading = paragraph(paper, own[0]?.line.child ?? '', { size: 5, weight: 'bold', above: 4, fill: INK })
    const rows = own.map(({ line, pages }) => {
      const note = packNote(line, wording)
      const what = `${nameIn(wording, printableOf(line.printable).name)}, ${nameWithin(wording, rungOf(line.rung).name)}`
      const where = `${pages}, ${printedAs('no. {0}', wording, line.seed)}${note ? ` (${note})` : ''}`
      return paragraph(paper, printedAs('{0}: {1}', wording, what, where), { size: 4.2, indent: 6 })
    })
    return stack([heading, ...rows])
  })
  const said = answersOnPaper === 'whole' ? 'Answers, in the same order: from page {0}' : 'Answers: from page {0}'
  const end = paragraph(paper, printedAs(said, wording, at), {
    size: 5,
    weight: 'bold',
    above: 6,
  })
  return flowPages(paper, answersOnPaper === 'none' ? blocks : [...blocks, end]).map((body) =>
    framedPage(wish, {
      title: printedAs('Who gets what: {0}', wording, title),
      footer: `Ripe Acorn · ${printedAs('pack', wording)}`,
      body,
    }),
  )
}
