import { describe, expect, it } from 'vitest'
import { problemsOfCalls } from '../../../tests/readback/calls'
import { drawnGame } from '../../../tests/readback/drawnGames'
import { RefusedValue } from '../errors'
import { isRight } from '../teaching'
import { LANGUAGE_IDS, type LanguageId } from '../wording'
import {
  type Call,
  GAME_IDS,
  type GameOptions,
  MOVE_IDS,
  type Timeline,
  USUAL_GAME,
  atStart,
  callAt,
  games,
  lastAsked,
  loadFor,
  makeTimeline,
  movedTo,
  paused,
  poseFor,
  positionAt,
  quartersOf,
  resumed,
  shownAt,
  withMoment,
  wordsOf,
} from '.'

const usual: GameOptions = { ...USUAL_GAME, rung: 'quarters', wording: { language: 'en-GB', form: 'turns' }, age: 6 }

describe.each(GAME_IDS)('the game %s', (id) => {
  it('is right in all its calls, whatever is chosen', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const { timeline, options } = drawnGame(id, seed)
      expect(problemsOfCalls(timeline, options), `${seed}: ${JSON.stringify(options)}`).toEqual([])
    }
  })

  it('is the same from the same seed, and another from another', () => {
    expect(makeTimeline(id, usual, 5)).toEqual(makeTimeline(id, usual, 5))
    expect(makeTimeline(id, usual, 5).calls).not.toEqual(makeTimeline(id, usual, 6).calls)
  })

  it('refuses what it cannot hold, by field', () => {
    const refused = (change: Partial<GameOptions>) => () => makeTimeline(id, { ...usual, ...change }, 1)
    expect(refused({ minutes: 0 })).toThrow('minutes must be a whole number from 1 to 30, not 0')
    expect(refused({ minutes: 90 })).toThrow(/^minutes must be/)
    expect(refused({ children: 0 })).toThrow(/^children must be/)
    expect(refused({ children: 60 })).toThrow(/^children must be a whole number from [12] to 30, not 60/)
    expect(refused({ age: 2 })).toThrow(/^age must be/)
    expect(refused({ harder: 3 })).toThrow(/^easier or harder must be/)
  })
})

describe('roles in games for several', () => {
  it('are shared out: nobody has one twice more than anybody else', () => {
    for (const id of ['be-the-hands', 'hour-relay'] as const)
      for (let children = 2; children <= 9; children++) {
        const { calls } = makeTimeline(id, { ...usual, children, minutes: 30 }, children)
        // Who it is this time is called once: the hands when they are chosen, the runners with their time.
        const pairs = calls.flatMap(({ who, effort, item }) =>
          who && (id === 'be-the-hands' ? effort === 'still' && !item : item) ? [who] : [],
        )
        expect(pairs.length).toBeGreaterThan(children)
        const roles = id === 'be-the-hands' ? [0, 1] : [undefined]
        for (const role of roles) {
          const times = Array.from({ length: children }, (_, child) =>
            role === undefined
              ? pairs.filter((who) => who.includes(child)).length
              : pairs.filter((who) => who[role] === child).length,
          )
          expect(Math.max(...times) - Math.min(...times), `${id}, ${children} children`).toBeLessThanOrEqual(1)
        }
      }
  })
})

describe('arms as hands and balance clock', () => {
  const minutesOf = (id: 'arms-as-hands' | 'balance-clock', rung: GameOptions['rung'], seed: number) =>
    makeTimeline(id, { ...usual, rung, minutes: 15 }, seed).calls.flatMap(({ shown }) =>
      shown.as === 'figure' ? [shown.minute] : [],
    )

  it.each(['arms-as-hands', 'balance-clock'] as const)(
    '%s asks for whole hours alone before halves are learnt',
    (id) => {
      for (let seed = 1; seed <= 10; seed++) {
        const minutes = minutesOf(id, 'oclock', seed)
        expect(minutes.length).toBeGreaterThan(10)
        expect(minutes.filter((minute) => minute % 60 !== 0)).toEqual([])
      }
    },
  )

  it('arms as hands begins with 12, 3, 6 and 9, and then half past each, from half past on', () => {
    for (const rung of ['half', 'quarters', 'minute'] as const) {
      const minutes = minutesOf('arms-as-hands', rung, 3)
      expect(minutes.slice(0, 4)).toEqual([0, 180, 360, 540])
      expect(minutes.slice(4, 8).sort((a, b) => a - b)).toEqual([30, 210, 390, 570])
    }
  })
})

describe('a checker of calls', () => {
  const { timeline, options } = { timeline: makeTimeline('choose-a-move', usual, 3), options: usual }
  const body = makeTimeline('balance-clock', usual, 3)
  const changed = (from: Timeline, change: (call: Call, i: number) => Call): Timeline => ({
    ...from,
    calls: from.calls.map(change),
  })

  it('finds a false reason, a second right choice, a repeated question, an arm that is out and a leg kept', () => {
    const reason = changed(timeline, (call) =>
      call.kind === 'reason' ? { ...call, say: call.say.replace(/\d+/, '13') } : call,
    )
    expect(problemsOfCalls(reason, options).join()).toMatch(/short hand/)
    const two = changed(timeline, (call) =>
      call.shown.as === 'choices'
        ? { ...call, shown: { ...call.shown, choices: call.shown.choices.map((each) => ({ ...each, isRight: true })) } }
        : call,
    )
    expect(problemsOfCalls(two, options).join()).toMatch(/not one right choice/)
    const asked = timeline.calls.find(({ item }) => item)
    const twice = changed(timeline, (call) =>
      call.item ? { ...call, item: asked?.item, shown: asked?.shown ?? call.shown } : call,
    )
    expect(problemsOfCalls(twice, options).join()).toMatch(/twice in a row/)
    const leg = changed(body, (call) =>
      call.shown.as === 'figure' ? { ...call, shown: { ...call.shown, stance: 'left-foot' } } : call,
    )
    expect(problemsOfCalls(leg, options).join()).toMatch(/twice on the left-foot/)
    const short = changed(body, (call, i) => (i === 2 ? { ...call, seconds: 0.5 } : call))
    expect(problemsOfCalls(short, options).join()).toMatch(/a gap at|too short/)
  })

  it('finds hard moving that is too long, and rests that are missing', () => {
    const run = makeTimeline('three-speeds', usual, 2)
    expect(problemsOfCalls(run, usual)).toEqual([])
    const hard = changed(run, (call) => (call.effort === 'easy' ? { ...call, effort: 'hard' } : call))
    expect(problemsOfCalls(hard, usual).join()).toMatch(/of hard moving at one go/)
    const dry = { ...run, calls: run.calls.filter(({ kind }) => kind !== 'water') }
    expect(problemsOfCalls(dry, usual).join()).toMatch(/no water/)
  })
})

describe('a checker of games on the floor and with cards', () => {
  const planted = (id: 'jump-the-day' | 'be-the-hands' | 'hour-relay' | 'find-your-time', children = 5) => {
    const timeline = makeTimeline(id, { ...usual, children }, 4)
    expect(problemsOfCalls(timeline, { ...usual, children })).toEqual([])
    return (change: (call: Call) => Call) =>
      problemsOfCalls({ ...timeline, calls: timeline.calls.map(change) }, { ...usual, children }).join()
  }

  it('finds a wrong way, a wrong distance, a wrong time and a card out of order', () => {
    const jump = planted('jump-the-day')
    expect(
      jump((call) => (call.shown.as === 'place' ? { ...call, say: call.say.replace('right', 'left') } : call)),
    ).toMatch(/facing twelve/)
    expect(
      jump((call) => (call.shown.as === 'place' ? { ...call, shown: { ...call.shown, facing: 'six' } } : call)),
    ).toMatch(/drawn on the wrong side/)
    const walk = planted('be-the-hands')
    expect(
      walk((call) =>
        call.shown.as === 'walk' ? { ...call, say: call.say.replace(/Long hand: \d+/, 'Long hand: 1') } : call,
      ),
    ).toMatch(/Long hand/)
    expect(walk((call) => (call.who ? { ...call, who: [0, 0] } : call))).toMatch(/meant twice/)
    const relay = planted('hour-relay', 6)
    expect(relay((call) => (call.item ? { ...call, say: call.say.replace('one', 'two') } : call))).toMatch(
      /does not ask for/,
    )
    expect(relay((call) => (call.who ? { ...call, who: [0, 2] } : call))).toMatch(/one of each team/)
    const cards = planted('find-your-time')
    expect(
      cards((call) =>
        call.shown.as === 'cards'
          ? { ...call, shown: { ...call.shown, cards: [...call.shown.cards].reverse() } }
          : call,
      ),
    ).toMatch(/not in order/)
  })
})

it('says a time as people do: many hours, one hour, and what is near them', () => {
  const { isTime } = wordsOf({ language: 'es' })
  expect(
    ['las tres', 'la una y media', 'casi la una', 'casi las dos', 'un poco después de las tres', 'mediodía'].map(
      isTime,
    ),
  ).toEqual([
    ...['Son las tres.', 'Es la una y media.', 'Es casi la una.', 'Son casi las dos.'],
    ...['Es un poco después de las tres.', 'Es mediodía.'],
  ])
  const said = (language: LanguageId) => wordsOf({ language }).showArms('X')
  expect((['en-GB', 'de', 'fr', 'es'] as const).map(said)).toEqual([
    ...['Show X with your arms.', 'Zeigt mit den Armen: X.', 'Montrez X avec les bras.', 'Mostrad X con los brazos.'],
  ])
})

describe('games on the floor', () => {
  it('has each hour in the quarter where it is, from the way that the children face', () => {
    const at = (facing: 'twelve' | 'six', ...minutes: number[]) => minutes.map((minute) => quartersOf(minute, facing))
    expect(at('twelve', 1, 60, 160, 181, 480, 719)).toEqual([
      ...[['ahead-right'], ['ahead-right'], ['ahead-right'], ['behind-right'], ['behind-left'], ['ahead-left']],
    ])
    // On the line between two quarters both count.
    expect(at('twelve', 720, 180, 1080, 540)).toEqual([
      ...[
        ['ahead-right', 'ahead-left'],
        ['behind-right', 'ahead-right'],
        ['behind-left', 'behind-right'],
      ],
      ['ahead-left', 'behind-left'],
    ])
    expect(at('six', 0, 200)).toEqual([['behind-left', 'behind-right'], ['ahead-left']])
  })

  it('tells eight hours of a day in order, then asks for them in words of the 24 hours where those are used', () => {
    const said = (language: 'en-GB' | 'de') =>
      makeTimeline('jump-the-day', { ...usual, minutes: 10, wording: { language, form: 'turns' } }, 2).calls.map(
        ({ say }) => say,
      )
    expect(said('de').some((text) => /Es ist 1\d Uhr\. In welchem Viertel/.test(text))).toBe(true)
    expect(said('de').some((text) => /Es ist sieben Uhr|Es ist acht Uhr|Es ist neun Uhr/.test(text))).toBe(true)
    expect(said('en-GB').join(' ')).not.toMatch(/\d\d:00/)
  })

  it('calls by name those who have one, and by number the others', () => {
    const { calls } = makeTimeline('hour-relay', { ...usual, children: 4, names: ['Bram', 'Mirela', 'Kwame'] }, 1)
    const asked = calls.filter(({ item }) => item).map(({ say }) => say)
    expect(asked.slice(0, 3)).toEqual([
      'Bram and Mirela: make it one o’clock.',
      'Kwame and Number 4: make it two o’clock.',
      'Bram and Mirela: make it three o’clock.',
    ])
  })

  it('lets those rest who are not called', () => {
    const rests = (children: number) =>
      makeTimeline('hour-relay', { ...usual, children, minutes: 8 }, 1).calls.filter(({ kind }) => kind === 'rest')
        .length
    expect(rests(2)).toBeGreaterThan(0)
    expect(rests(12)).toBe(0)
  })

  it('refuses a floor that is too small, and says what would do', () => {
    const on = (roomMetres: number, isSeated = false) =>
      makeTimeline('freeze', { ...usual, children: 6, roomMetres, isSeated }, 1)
    expect(() => on(1)).toThrow('room across (m) must be at least 4.9 for 6 children, or the seated form, not 1')
    expect(on(4.9).seconds).toBe(360)
    expect(on(1, true).seconds).toBe(360)
    expect(() => on(0)).toThrow(/^room across \(m\) must be a number/)
  })
})

describe('what can be taken', () => {
  it('is the choices where there are some, else there, nearly and the likeliest wrong times', () => {
    const choose = makeTimeline('choose-a-move', usual, 3)
    const at = choose.calls[lastAsked(choose.calls, choose.calls.length - 1) ?? -1] as Call
    expect(
      shownAt(at, usual)
        .map(({ kind }) => kind)
        .sort(),
    ).toEqual(['there', 'wrong', 'wrong'])
    const arms = makeTimeline('arms-as-hands', { ...usual, weights: { 'swapped-hands': 1000 } }, 3)
    const [asked] = arms.calls.filter(({ item }) => item?.shown.minute === 180) as [Call]
    const taken = shownAt(asked, { ...usual, weights: { 'hour-only': 1 } })
    expect(taken.map(({ kind, helped }) => [kind, helped])).toEqual([
      ['there', false],
      ['nearly', true],
      ['wrong', false],
      ['wrong', false],
      ['wrong', false],
    ])
    expect(taken[0]?.says).toBe('three o’clock')
    for (const { kind, value } of taken) expect(asked.item && isRight(asked.item, value)).toBe(kind !== 'wrong')
    // On one leg the figure is to be seen beside the call: what is shown then can be copied.
    const balance = makeTimeline('balance-clock', usual, 3).calls.find(({ item }) => item) as Call
    expect(shownAt(balance, usual).every(({ helped }) => helped)).toBe(true)
    expect(lastAsked(choose.calls, 0)).toBeUndefined()
  })
})

describe('the figure', () => {
  it('has each hand on its own side where it can, and the right arm long in a tie', () => {
    expect(poseFor(180)).toMatchObject({ long: { side: 'left', angle: 0 }, bent: { side: 'right', angle: 90 } })
    expect(poseFor(540)).toMatchObject({ long: { side: 'right', angle: 0 }, bent: { side: 'left', angle: 270 } })
    expect(poseFor(0).long.side).toBe('right')
    expect(poseFor(345)).toMatchObject({ long: { side: 'left', angle: 270 }, bent: { side: 'right', angle: 172.5 } })
  })
})

describe('the load', () => {
  it('follows the age and what the adult chose', () => {
    expect(loadFor({ age: 5, harder: 0 })).toMatchObject({ hardAtOnce: 20, hardInAll: 180, metresASecond: 2.2 })
    expect(loadFor({ age: 7, harder: 0 })).toMatchObject({ hardAtOnce: 30, hardInAll: 240 })
    expect(loadFor({ age: 7, harder: 0 }).metresASecond).toBeCloseTo(2.8, 9)
    expect(loadFor({ harder: 0 })).toEqual(loadFor({ age: 5, harder: 0 }))
    expect(loadFor({ age: 5, harder: -2 }).hardAtOnce).toBe(10)
  })

  it('softens what is run once enough was run, and holds laps to the metres that were chosen', () => {
    const long = makeTimeline('laps', { ...usual, minutes: 15, mostMetres: 40 }, 4)
    const words = wordsOf(usual.wording)
    const laps = long.calls.flatMap(({ say, effort, shown }) =>
      shown.as === 'number' ? [{ number: shown.number, effort, isRun: say === words.laps.standing(shown.number) }] : [],
    )
    const metres = laps.filter(({ isRun }) => isRun).reduce((sum, { number }) => sum + number * 10, 0)
    expect(metres).toBeGreaterThan(0)
    expect(metres).toBeLessThanOrEqual(40)
    expect(laps.some(({ isRun }) => !isRun)).toBe(true)
    expect(() => makeTimeline('laps', { ...usual, lapMetres: 0 }, 1)).toThrow(/distance of the marks \(m\) must be/)
    expect(() => makeTimeline('laps', { ...usual, lapMetres: 5000 }, 1)).toThrow(RefusedValue)
    expect(() => makeTimeline('laps', { ...usual, lapMetres: 40 }, 1)).toThrow(/at most \d+(\.5)? at this age/)
  })
})

describe('playing a game', () => {
  const timeline = makeTimeline('walk-the-hours', usual, 1)
  const [first, second] = timeline.calls as [Call, Call]

  it('goes on with the clock, stops where it is paused, and catches up after a sleep', () => {
    const start = atStart(1000)
    expect(positionAt(start, 1000, timeline)).toBe(0)
    expect(positionAt(start, 4000, timeline)).toBe(3)
    expect(positionAt(start, 500, timeline)).toBe(0)
    const stopped = paused(start, 4000, timeline)
    expect(positionAt(stopped, 90_000, timeline)).toBe(3)
    expect(positionAt(resumed(stopped, 90_000), 91_000, timeline)).toBe(4)
    expect(positionAt(start, 1e9, timeline)).toBe(timeline.seconds)
    expect(callAt(timeline, 0)).toBe(0)
    expect(callAt(timeline, second.at)).toBe(1)
    expect(callAt(timeline, second.at - 0.01)).toBe(0)
    expect(callAt(timeline, timeline.seconds)).toBe(timeline.calls.length - 1)
  })

  it('moves to any call and gives one a moment more', () => {
    const moved = movedTo(atStart(0), 1, 5000, timeline)
    expect(positionAt(moved, 5000, timeline)).toBe(second.at)
    expect(movedTo(moved, 9999, 0, timeline).seconds).toBe(timeline.calls.at(-1)?.at)
    expect(movedTo(moved, -4, 0, timeline).seconds).toBe(0)
    const longer = withMoment(timeline, 0, 5)
    expect(longer.calls[0]?.seconds).toBe(first.seconds + 5)
    expect(longer.calls[1]?.at).toBe(second.at + 5)
    expect(longer.seconds).toBe(timeline.seconds + 5)
  })

  it('waits where there is no limit to think, until it is moved on', () => {
    const waiting = makeTimeline('choose-a-move', { ...usual, think: 'none' }, 1)
    const place = waiting.calls.findIndex(({ waits }) => waits)
    const call = waiting.calls[place] as Call
    const playing = movedTo(atStart(0), place, 0, waiting)
    expect(callAt(waiting, positionAt(playing, 600_000, waiting))).toBe(place)
    const on = movedTo(playing, place + 1, 600_000, waiting)
    expect(positionAt(on, 601_000, waiting)).toBeCloseTo(call.at + call.seconds + 1, 6)
  })
})

describe('what the caller says', () => {
  it('is said in every language, of every game and move', () => {
    for (const language of LANGUAGE_IDS) {
      const words = wordsOf({ language })
      for (const id of GAME_IDS) expect(words.games[id]).toBeTruthy()
      for (const move of MOVE_IDS) expect(words.moves[move].seated).toBeTruthy()
    }
    const said = GAME_IDS.map((id) => wordsOf({ language: 'de' }).games[id])
    expect(new Set(said).size).toBe(said.length)
    expect(GAME_IDS.map((id) => games[id].id)).toEqual([...GAME_IDS])
  })
})
