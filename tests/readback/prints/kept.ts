import type { Point } from '../svg'
import { bearing, distance, extentOf, middleOf, pointsIn } from './measuring'
import {
  type Read,
  type Shapes,
  answerIn,
  dials,
  expectDistinct,
  groups,
  inPart,
  minuteIn,
  questions,
  saysTruth,
  words,
} from './reading'
import { control, expectControl, face, truths } from './sets'

/* What a child keeps: a certificate, a strip that grows, a book of leaves. */

/** The clocks of the page by their faces are those of the control card, and none of them comes twice. */
function expectFaces(read: Read, clocks: readonly Shapes[]): void {
  const shown = clocks.map((clock) => face(clock))
  read.expect(shown.length === read.o.count, `${shown.length} clocks instead of ${read.o.count}`)
  expectDistinct(read, shown, 'a clock is there twice')
  const told = [...control(read).values()]
  read.expect([...told].sort().join('|') === [...shown].sort().join('|'), `the key has the clocks ${told.join(', ')}`)
}

/** Sixty beads once round, the 60th at the top, each as far along the edge as the one before. */
function expectAnHour({ pages, expect }: Read): void {
  const beads = groups(pages[0] ?? [], 'minute')
  expect(beads.length === 60, `${beads.length} beads`)
  const circles = beads.map((bead) => pointsIn(bead.filter(({ tag }) => tag === 'circle')))
  const middles = circles.map(middleOf)
  const radii = circles.map((points) => (extentOf(points).right - extentOf(points).left) / 2)
  const box = extentOf(middles)
  const centre: Point = { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
  const top = middles[59] ?? centre
  expect(Math.abs(top.x - centre.x) < 0.05 && Math.abs(top.y - box.top) < 0.05, 'the 60th is not at the top')
  // Along the edges a way is the sum of both directions, also round a corner.
  const step = (2 * (box.right - box.left + box.bottom - box.top)) / 60
  middles.forEach((at, i) => {
    const before = middles[(i + 59) % 60] ?? at
    const way = Math.abs(at.x - before.x) + Math.abs(at.y - before.y)
    expect(Math.abs(way - step) < 0.6, `bead ${i + 1} is ${way.toFixed(1)} mm on, not ${step.toFixed(1)}`)
    expect(distance(at, before) > (radii[i] ?? 0) + (radii[(i + 59) % 60] ?? 0), `bead ${i + 1} touches another`)
    const on = (bearing(centre, at) - bearing(centre, before) + 360) % 360
    expect(on > 0 && on < 60, `bead ${i + 1} does not follow clockwise`)
    const written = words(beads[i] ?? [])
    expect(written === ((i + 1) % 5 === 0 ? String(i + 1) : ''), `bead ${i + 1} is called “${written}”`)
  })
}

export const certifying = (read: Read): void => {
  const { expect, pages } = read
  expect(pages.length === 1, `${pages.length} pages`)
  const clocks = groups(pages[0] ?? [], 'clock')
  expectFaces(read, clocks)
  for (const clock of clocks) expect(words(clock) === '', `“${words(clock)}” stands by a clock that is to be read`)
  for (const said of control(read).keys())
    expect(
      !words(pages[0] ?? []).includes(said) || words(inPart(pages[0] ?? [], 'step')).includes(said),
      `“${said}” gives a clock away`,
    )
  expectAnHour(read)
}

/** Rows to glue end to end: alike, each with a free tab, its words under their clocks beyond one straight fold. */
export const stripping = (read: Read): void => {
  const { expect, pages, o } = read
  expect(pages.length === 1, `${pages.length} pages`)
  const [page = []] = pages
  const clocks = groups(page, 'clock')
  truths(read, clocks)
  expectFaces(read, clocks)
  expectControl(
    read,
    clocks.map((clock) => words(clock, 'words')),
  )
  const rows = groups(page, 'row')
  expect(rows.length === Math.ceil(o.count / 4), `${rows.length} rows`)
  const high = new Set<string>()
  for (const row of rows) {
    const box = extentOf(pointsIn(row.filter(({ tag, layer }) => tag === 'path' && layer === 'cut')))
    const fold = extentOf(pointsIn(inPart(row, 'fold')))
    const tab = extentOf(pointsIn(inPart(row, 'tab')))
    high.add(`${(box.bottom - box.top).toFixed(2)} ${(fold.top - box.top).toFixed(2)}`)
    expect(Math.abs(fold.top - fold.bottom) < 0.01, 'the fold is not straight')
    expect(Math.abs(fold.left - box.left) < 0.01 && Math.abs(fold.right - box.right) < 0.01, 'the fold is too short')
    expect(tab.left - box.left >= 10, `a tab of ${tab.left - box.left} mm`)
    // Folded up behind, the words end before the upper edge.
    expect(box.bottom - fold.top < fold.top - box.top, 'the words stick out over the strip')
    for (const clock of groups(row, 'clock')) {
      const dial = extentOf(pointsIn(inPart(clock, 'dial')))
      const said = extentOf(pointsIn(inPart(clock, 'words')))
      expect(dial.top > box.top && dial.bottom < fold.top, 'a clock is folded or cut')
      expect(said.top > fold.top && said.bottom < box.bottom, 'words are not beyond the fold')
      expect(dial.left > tab.left && dial.right < box.right, 'a clock is under the glue')
    }
  }
  expect(high.size === 1, `rows of different heights: ${[...high].join(', ')}`)
}

/** Leaves of half a page: what is read and what is drawn are different, and the key has the answers in their places. */
export const leafing = (read: Read): void => {
  const { expect, pages, key, o } = read
  const pairs = questions(read, 2 * o.count)
  pairs.forEach(({ asked, answered }, i) => {
    if (i % 2 === 0) {
      const [dial] = dials(asked)
      return dial
        ? answerIn(read, asked, answered, (text) => saysTruth(dial, text, o))
        : read.fail(`leaf ${i / 2 + 1} has no clock to read`)
    }
    expect(dials(asked).length === 0, 'hands stand on the face to draw on')
    expect(inPart(asked, 'face').length > 0, 'there is no face to draw on')
    expect(
      minuteIn(words(asked, 'words'), o) === dials(answered)[0]?.time,
      `the key’s hands for “${words(asked, 'words')}”`,
    )
  })
  const timesOf = (kind: number) =>
    pairs.filter((_, i) => i % 2 === kind).map(({ answered }) => dials(answered)[0]?.time)
  const [toRead, toDraw] = [timesOf(0), timesOf(1)]
  expectDistinct(read, toRead, 'a clock is read twice')
  expectDistinct(read, toDraw, 'a time is drawn twice')
  expect(!toRead.some((time, i) => time === toDraw[i]), 'a leaf shows the time that is drawn on it')
  const covers = pages.flat().filter(({ parts }) => parts.includes('cover'))
  expect(covers.length > 0 === (o.cover === true), 'a cover that was not asked for, or none')
  expect(pages.length === Math.ceil((o.count + (o.cover ? 1 : 0)) / 2), `${pages.length} pages`)
  expect(key.length === pages.length, `${key.length} pages of the key`)
  for (const page of [...pages, ...key]) expectCutBetween(read, page)
}

/** Every leaf lies on one side of the cut, clear of where it is bound. */
function expectCutBetween({ expect }: Read, page: Shapes): void {
  const cuts = page.filter(({ tag, layer }) => tag === 'line' && layer === 'cut')
  expect(cuts.length === 1, `${cuts.length} lines to cut`)
  const cut = extentOf(pointsIn(cuts)).top
  const staples = inPart(page, 'binding')
  const bound = extentOf(pointsIn(staples)).right
  for (const each of [...groups(page, 'question'), inPart(page, 'cover')]) {
    if (each.length === 0) continue
    const { top, bottom, left } = extentOf(pointsIn(each))
    expect(bottom < cut || top > cut, 'a leaf is cut through')
    expect(left > bound + 2, 'a leaf is bound through')
  }
}
