import { describe, expect, it } from 'vitest'
import {
  asItIs,
  bent,
  changed,
  emptied,
  isCut,
  moved,
  spoiling,
  turned,
  without,
} from '../../../../tests/readback/spoil'
import { attempt } from '../../errors'
import { inEnglish } from '../../wording'
import type { Shape } from '../../drawing'
import { countsOn, PRINT_OPTIONS, type PrintOptions, printableOf, type PrintableId } from '..'
import { TENT_CLOCK, tentMargin } from './tentParts'
import { windowFor } from './wheelParts'

const base = { paper: 'a4', wording: { language: 'en-GB', form: 'turns' }, rung: 'quarters' } as const
const optionsFor = (id: PrintableId, more: Partial<PrintOptions> = {}): PrintOptions => ({
  ...base,
  count: countsOn(printableOf(id), more.rung ?? base.rung).usual,
  ...more,
})
const spoilt = (id: PrintableId, more: Partial<PrintOptions> = {}) => spoiling(id, optionsFor(id, more))

const isFold = (shape: Shape) => shape.type === 'line' && shape.layer === 'fold'

describe('a wheel behind a window', () => {
  const wheel = spoilt('window-wheel')

  it('is right as it is, and found out where a clock or its time is elsewhere', () => {
    expect(wheel('', asItIs)).toBe('')
    expect(wheel('stop-2', turned(6))).toContain('not upright')
    expect(wheel('stop-2', turned(60))).toContain('another clock is in the window')
    expect(wheel('stop-2', moved(0, -4))).toContain('the clock of stop 3 is cut by the window')
  })

  it('is found out where a mark, the window or the flap is out of its place', () => {
    expect(wheel('mark-1', turned(3))).toContain('0 marks meet the arrow at stop 2')
    expect(wheel('window', moved(5, 0))).toContain('is cut by the window')
    expect(wheel('flap', moved(0, 6))).toContain('too narrow')
    expect(wheel('flap', without(isFold))).toContain('does not hang from its upper edge')
  })

  it('has a window as large as its stops leave, and clear of the pin', () => {
    for (const stops of [4, 5, 6, 7, 8]) {
      const { up, radius } = windowFor(stops)
      expect(up - radius).toBeGreaterThan(8)
      expect(2 * up * Math.sin(Math.PI / stops)).toBeGreaterThan(2 * radius)
    }
  })
})

describe('a top', () => {
  const top = spoilt('spinning-tops')

  it('is right as it is, and found out where it is not fair', () => {
    expect(top('', asItIs)).toBe('')
    const isCard = (shape: Shape) => shape.type === 'path' && shape.layer === 'cut'
    expect(top('top', changed(bent(({ x, y }) => ({ x: 1.03 * x, y }), isCard)))).toContain('sides:')
    const off = changed((shape) => (shape.type === 'circle' && isCut(shape) ? { ...shape, cx: 2 } : shape))
    expect(top('top', off)).toContain('the pencil is not in the centre of gravity')
  })

  it('is found out where a time lies over another side, or not upright', () => {
    expect(top('side-1', turned(10))).toContain('not upright')
    expect(top('side-1', turned(60))).toContain('two things are over one side')
    expect(top('side-1', moved(0, 20))).toContain('lies over another, or beyond it')
  })
})

describe('a spinner of two rings', () => {
  const rings = spoilt('two-rings', { rung: 'past-fives', count: 6 })

  it('is right as it is, and found out where a sector is wider or a text is in another', () => {
    expect(rings('', asItIs)).toBe('')
    const line = changed((shape) => (shape.type === 'line' && shape.y1 < -40 ? { ...shape, x2: shape.x2 + 4 } : shape))
    expect(rings('rings', line)).toContain('minutes:')
    expect(rings('minutes-1', moved(0, 60))).not.toBe('')
    expect(rings('hour-3', moved(0, 22))).toContain('hour: ')
    const other = changed((shape) => (shape.type === 'text' ? { ...shape, text: ':07' } : shape))
    expect(rings('minutes-1', other)).toContain('the key has')
  })
})

describe('a clock in pieces', () => {
  it.each([4, 6, 12] as const)('of %i is right as it is, and found out where a piece fits twice', (pieces) => {
    const clock = spoilt('clock-in-pieces', { pieces })
    expect(clock('', asItIs)).toBe('')
    const twice = (group: Parameters<typeof asItIs>[0]) => {
      const [rim, hub, first, ...others] = group.shapes
      // The second line is the first one, turned.
      const copy: Shape = { type: 'group', x: 0, y: 0, turn: 360 / pieces, shapes: first ? [first] : [] }
      return { ...group, shapes: [rim, hub, first, copy, ...others.slice(1)].flatMap((each) => (each ? [each] : [])) }
    }
    expect(clock('pieces', twice)).toMatch(/line \d+ fits line \d+/)
    expect(
      clock(
        'pieces',
        without((_, i) => i === 3),
      ),
    ).toContain('lines for')
    expect(clock('cut-hour-hand', emptied)).toContain('an hour hand of')
  })
})

describe('a clock to wear', () => {
  const strap = spoilt('wrist-clock')

  it('is right as it is, and found out where it cannot be worn', () => {
    expect(strap('', asItIs)).toBe('')
    expect(strap('slit-0', moved(0, 3))).toContain('closed at the first slit')
    expect(
      strap(
        'slit-1',
        changed((shape) => (shape.type === 'line' ? { ...shape, x1: -11, x2: 11 } : shape)),
      ),
    ).toContain('slips out')
    expect(strap('dial', moved(0, 4))).toContain('not across from where the strap closes')
    expect(strap('cut-minute-hand', changed(bent(({ x, y }) => ({ x, y: 0.7 * y }))))).toContain('the minute hand is')
    expect(
      strap(
        'time-0',
        without((shape) => shape.type === 'path'),
      ),
    ).toContain('no box to tick')
  })

  it('refuses a wrist of 8 or of 30 cm, and says what would do', () => {
    const print = printableOf('wrist-clock')
    for (const wrist of [8, 30])
      expect(attempt(() => print.check(optionsFor('wrist-clock', { wrist }))).refusal?.message).toBe(
        `wrist must be a whole number from 10 to 18, not ${wrist}`,
      )
  })
})

describe('a clock that stands', () => {
  const tent = spoilt('standing-clock')

  it('is right as it is, and found out where it would not stand', () => {
    expect(tent('', asItIs)).toBe('')
    expect(
      tent(
        'tie',
        changed((shape) =>
          isFold(shape) && shape.type === 'line' && shape.x1 < 0 ? { ...shape, x1: 0, x2: 0 } : shape,
        ),
      ),
    ).toContain('mm apart under walls')
    expect(tent('tent', without(isFold))).toContain('0 folds')
    expect(tent('dial', moved(0, -20))).toContain('does not lie on the front wall')
    expect(tentMargin()).toBeGreaterThan(15)
    // A clock that weighs more is nearer to tipping.
    expect(tentMargin({ radius: 46, handWidth: 60, hole: 4 })).toBeLessThan(tentMargin())
  })
})

describe('what is laid round a clock and slid', () => {
  it('a ring is found out where it does not fit, or counts wrong', () => {
    const ring = spoilt('fives-ring', { rung: 'to-fives' })
    expect(ring('', asItIs)).toBe('')
    expect(ring('count-20', turned(30))).not.toBe('')
    expect(
      ring(
        'to-40',
        changed((shape) => (shape.type === 'text' ? { ...shape, text: '40' } : shape)),
      ),
    ).toContain('says 40')
    const smaller = bent(({ x, y }) => ({ x: 0.95 * x, y: 0.95 * y }), isCut)
    expect(ring('ring', changed(smaller))).toContain('a hole of')
  })

  it('a ring of the usual size fits the standing clock', () => {
    expect(PRINT_OPTIONS.across.usual).toBe(2 * TENT_CLOCK.radius)
  })

  it('a strip is found out where it does not go through, or slips out', () => {
    const strip = spoilt('minute-sleeve')
    expect(strip('', asItIs)).toBe('')
    const shorter = changed((shape) => (shape.type === 'line' ? { ...shape, y2: shape.y2 - 4 } : shape))
    expect(strip('slit-0', shorter)).toContain('a slit of')
    expect(strip('arrow', moved(2, 0))).toContain('not between the slits')
    expect(strip('number-line', moved(9, 0))).toContain('slips out of the pointer')
  })
})

describe('a box for a deck', () => {
  const box = spoilt('match-cards', { box: '300' })

  it('is right as it is, and found out where the cards do not go in, or it does not close', () => {
    expect(box('', asItIs)).toBe('')
    const isNet = (shape: Shape) => shape.type === 'path' || shape.type === 'line'
    const smaller = (k: number) =>
      changed((shape) => {
        if (!isNet(shape)) return shape
        return shape.type === 'line'
          ? { ...shape, x1: k * shape.x1, x2: k * shape.x2 }
          : bent(({ x, y }) => ({ x: k * x, y }))(shape)
      })
    expect(box('box', smaller(0.95))).toContain('mm wide for cards of')
    expect(
      box(
        'box',
        without((shape) => isFold(shape) && shape.type === 'line' && shape.y1 === shape.y2 && shape.y1 === 0),
      ),
    ).toContain('folds')
    expect(
      box(
        'label',
        changed((shape) =>
          shape.type === 'text' && /cards/.test(shape.text) ? { ...shape, text: '23 cards' } : shape,
        ),
      ),
    ).toContain('does not tell')
  })

  it('is as deep as its paper is thick, for one card too, and refused where the paper is too small', () => {
    const show = printableOf('show-me-cards')
    const one = optionsFor('show-me-cards', { rung: 'oclock', count: 1, box: '80' })
    expect(show.make(one, 1).pages.length).toBe(show.make({ ...one, box: undefined }, 1).pages.length + 1)
    const tall = printableOf('loop-cards')
    expect(() => tall.make(optionsFor('loop-cards', { rung: 'minute', count: 36, box: '300' }), 1)).not.toThrow()
    expect(attempt(() => show.check({ ...one, box: '120' as '80' })).refusal?.message).toContain(
      'box must be one of 80, 160, 300',
    )
  })
})

describe('the time that cutting takes', () => {
  const cutting = (id: PrintableId) =>
    (printableOf(id).notes?.(optionsFor(id), 1) ?? []).map(inEnglish).filter((note) => note.startsWith('Cutting'))

  it('is said of what is cut, and grows with it', () => {
    const minutes = (id: PrintableId) =>
      (/(\d+) min, from 8 years on about (\d+)/.exec(cutting(id)[0] ?? '') ?? []).slice(1).map(Number)
    const [few, many] = [minutes('wrist-clock'), minutes('clock-in-pieces')]
    expect(many[0]).toBeGreaterThan(few[0] ?? Infinity)
    expect(minutes('clock-in-pieces')).toEqual([5, 3])
  })

  it('is not said of a page that is only coloured in', () => {
    expect(cutting('certificate')).toEqual([])
    expect(cutting('clock-strip')).toHaveLength(1)
  })
})
