import { describe, expect, it } from 'vitest'
import { drawnStory, problemsOfStory } from '../../../tests/stories/madeStories'
import { scoreOf } from '../../../tests/stories/scoring'
import { type Lists, laterOf, lists, timesOf, trapsOf } from '../../../tests/stories/lists'
import { sentences } from '../../../tests/stories/sentences'
import { dials, groups, inPart, words } from '../../../tests/readback/prints/reading'
import { readSvg } from '../../../tests/readback/svg'
import { SAFE_MARGIN_MM, papers, toSvg } from '../drawing'
import { type RungId, rungs, schools } from '../teaching'
import { LANGUAGE_IDS, type LanguageId, inEnglish, ownWords } from '../wording'
import {
  NO_MARKS,
  SHELF,
  STORY_NAMES,
  chosenQuestions,
  findTimes,
  keptFrom,
  keyAt,
  makeStory,
  marksOf,
  sentencesOf,
  shelfMarks,
  storyPages,
  storyQuestions,
  storyTimes,
  suitsRung,
  toldIn,
  usualQuestions,
} from '.'

const { order } = schools['turns-first']
const ENGLISH = { language: 'en-GB', form: 'turns' } as const
const told = (text: string, language: LanguageId = 'en-GB', marks = NO_MARKS) =>
  storyTimes(text, language, marks).map(({ text: said, at }) => `${said} ${at}`)
const asked = (text: string, marks = NO_MARKS) =>
  storyQuestions({ text, times: storyTimes(text, 'en-GB', marks), wording: ENGLISH, order, seed: 1 })

describe('times in a text', () => {
  it.each(Object.keys(sentences) as LanguageId[])('are found and right in %s', (language) => {
    const { marks, found, given, right } = scoreOf(sentences[language]?.written ?? [], language)
    expect(found / marks).toBeGreaterThanOrEqual(0.97)
    expect(right / given).toBeGreaterThanOrEqual(0.98)
  })

  it('stand where they are said to, whatever the text', () => {
    for (const text of [
      'At half past two they ate. مرحبا 14:30 שלום.',
      'Um halb acht, at half past seven, à sept heures et demie.',
      '',
      '🦆 at 9:10 🦆',
      'x'.repeat(100_000),
    ])
      for (const language of LANGUAGE_IDS)
        for (const { from, to, text: said } of findTimes(text, language)) expect(text.slice(from, to)).toBe(said)
    expect(findTimes(`${'word '.repeat(20_000)}at half past two`, 'en-GB')).toHaveLength(0)
    expect(told('مرحبا at 14:30 שלום')).toEqual(['14:30 870'])
  })
})

it('a word that counts holds within its sentence only', () => {
  expect(told('She counts. At five to six it is dark.')).toEqual(['five to six 1075'])
  expect(told('She counts to five.')).toEqual([])
})

describe('lists of traps and times, written apart from the finder', () => {
  it.each(Object.entries(lists) as [LanguageId, Lists][])(
    '%s: what is no time is not taken for one',
    (language, each) => {
      const traps = trapsOf(each)
      expect(traps.length).toBeGreaterThanOrEqual(400)
      const taken = traps.filter((trap) => findTimes(trap, language).length > 0)
      expect(taken.length / traps.length, taken.slice(0, 5).join(' ')).toBeLessThanOrEqual(0.02)
    },
  )

  it.each(Object.entries(lists) as [LanguageId, Lists][])('%s: times are found and right', (language, each) => {
    const { marks, found, given, right, wrong } = scoreOf(timesOf(each), language)
    expect(marks).toBeGreaterThanOrEqual(400)
    expect(found / marks, wrong.slice(0, 5).join(' ')).toBeGreaterThanOrEqual(0.98)
    expect(right / given, wrong.slice(0, 5).join(' ')).toBeGreaterThanOrEqual(0.98)
  })

  it.each(Object.entries(lists) as [LanguageId, Lists][])(
    '%s: lengths count from the time before',
    (language, each) => {
      for (const { text, by } of laterOf(each)) {
        const [, second, third] = findTimes(text, language)
        expect([second?.says, third], text).toEqual([{ kind: 'later', by }, undefined])
      }
    },
  )

  it.each<[string, LanguageId, string[]]>([
    ['Le bateau a 3 voiles.', 'fr', []],
    ['Le bus part à 17 h 45 de la gare.', 'fr', ['17 h 45 1065']],
    [
      'At half past three they met. After a quarter of an hour they left.',
      'en-GB',
      ['half past three 930', 'After a quarter of an hour 945'],
    ],
    ['At five minutes before eight it rang.', 'en-GB', ['five minutes before eight 475']],
    ['The one at the back waved. Mila is seven. They won 5 to 3. It is on page 9.', 'en-GB', []],
    ['Sie kümmerte sich um drei Enten. Um neun wäscht sie sich.', 'de', ['neun 540']],
    // A length that nothing was told before is none.
    ['After half an hour they met.', 'en-GB', []],
  ])('%s', (text, language, times) => expect(told(text, language)).toEqual(times))
})

describe('the timeline of a story', () => {
  it.each<[string, LanguageId, number[]]>([
    ['At seven in the evening it snowed. The next morning at eight it was white.', 'en-GB', [1140, 1920]],
    ['At seven it snowed in the evening. At eight the next morning it was white.', 'en-GB', [420, 1920]],
    ['Um acht Uhr abends schlief sie. Am nächsten Morgen um halb sieben wachte sie auf.', 'de', [1200, 1830]],
    ['À neuf heures du soir, il neige. Le lendemain matin à sept heures, tout est blanc.', 'fr', [1260, 1860]],
    ['A las diez de la noche nieva. A la mañana siguiente, a las siete, todo está blanco.', 'es', [1320, 1860]],
    ['Last night at nine the owl called. At six the next morning it slept.', 'en-GB', [1260, 1800]],
    ['In the morning they left at ten. In the evening, at eight, they were home.', 'en-GB', [600, 1200]],
    ['That night at eleven it rained, and at two it thundered.', 'en-GB', [1380, 1560]],
    ['At half past eight they ate. In the afternoon they swam at three.', 'en-GB', [510, 900]],
  ])('%s', (text, language, minutes) => {
    const times = storyTimes(text, language, NO_MARKS)
    expect(times.map(({ at }) => at)).toEqual(minutes)
  })

  it('goes on from time to time, through noon and lengths', () => {
    expect(
      told('At nine o’clock they met. At half past one they ate. An hour later they slept. At seven they rose.'),
    ).toEqual(['nine o’clock 540', 'half past one 810', 'An hour later 870', 'seven 1140'])
    expect(told('At 23:30 he left. At 0:10 he was home.')).toEqual(['23:30 1410', '0:10 1450'])
  })

  it('asks where both halves of the day could be meant, and takes the answer', () => {
    const text = 'At seven o’clock he woke. At six o’clock he ate.'
    const [first] = storyTimes(text, 'en-GB', NO_MARKS)
    expect(first).toMatchObject({ at: 420, either: [420, 1140] })
    const evening = { ...NO_MARKS, chosen: { [first?.key ?? '']: 1140 } }
    expect(storyTimes(text, 'en-GB', evening)[0]).toMatchObject({ at: 1140 })
    expect(storyTimes(text, 'en-GB', evening)[0]?.either).toBeUndefined()
    // A choice that the text no longer allows is none.
    expect(
      storyTimes('At eight o’clock he woke.', 'en-GB', { ...NO_MARKS, chosen: { 'eight o’clock#0': 600 } })[0]?.at,
    ).toBe(480)
  })

  it('leaves out what was dismissed, and has what was marked by hand', () => {
    const text = 'At nine o’clock they met, when the cock crew, at nine o’clock.'
    const second = storyTimes(text, 'en-GB', NO_MARKS)[1]
    expect(second?.key).toBe('nine o’clock#1')
    expect(told(text, 'en-GB', { ...NO_MARKS, dismissed: ['nine o’clock#1'] })).toEqual(['nine o’clock 540'])
    const at = text.indexOf('when the cock crew')
    const key = keyAt(text, at, at + 'when the cock crew'.length)
    expect(told(text, 'en-GB', { ...NO_MARKS, added: [{ key, minute: 545 }] })[1]).toBe('when the cock crew 545')
    expect(told('Nothing is left.', 'en-GB', { ...NO_MARKS, added: [{ key, minute: 545 }] })).toEqual([])
  })

  it('has sentences that no stop of a time ends', () => {
    const text = 'It began at 9 p.m. sharp. “Late!” said Bram.\nThe end'
    expect(sentencesOf(text, findTimes(text, 'en-GB')).map(({ text: each }) => each)).toEqual([
      'It began at 9 p.m. sharp.',
      '“Late!” said Bram.',
      'The end',
    ])
  })
})

describe('questions of a story', () => {
  const text =
    'At nine o’clock in the morning the lock opened. At half past nine the boat came. Bram waved. At quarter past ten they ate bread. At noon it rained.'

  it('are computed from the timeline', () => {
    const all = asked(text)
    const says = (kind: string) => all.filter((each) => each.kind === kind)
    expect(says('how-long')[0]).toMatchObject({ item: { answer: { hours: 0, minutes: 30 } } })
    expect(says('what-if')[0]?.item.answer).toMatchObject({ kind: 'time' })
    const [between] = says('between')
    expect(between?.choices[between.right[0] ?? -1]).toBe('At … the boat came.')
    const [infer] = says('infer')
    expect(infer?.says).toContain('Bram waved.')
    // What holds all day happened at no time.
    for (const state of ['The boat was red.', 'Bram always waves.', 'He has a brother.'])
      expect(asked(text.replace('Bram waved.', state)).filter(({ kind }) => kind === 'infer')).toEqual([])
    const [ordered] = says('order')
    expect(ordered?.right.map((at) => ordered.choices[at])).toEqual([
      'At … the lock opened.',
      'At … the boat came.',
      'At … they ate bread.',
      'At … it rained.',
    ])
    expect(asked('Nothing happens here.')).toEqual([])
  })

  it('are kept, and say when the text no longer supports them', () => {
    const all = asked(text)
    const long = all.find(({ kind }) => kind === 'how-long')
    if (!long) throw new Error('no question')
    const kept = [{ ...keptFrom(long), says: 'How long did they wait?' }]
    expect(chosenQuestions(kept, all)).toMatchObject([{ says: 'How long did they wait?', question: { id: long.id } }])
    expect(inEnglish(chosenQuestions(kept, asked('Nothing.'))[0]?.problem ?? ownWords(''))).toBe(
      'The text no longer has what this asks about.',
    )
    const moved = asked(text, { ...NO_MARKS, added: [] }).map((each) =>
      each.id === long.id
        ? { ...each, item: { ...each.item, answer: { kind: 'duration', hours: 0, minutes: 40 } as const } }
        : each,
    )
    expect(inEnglish(chosenQuestions(kept, moved)[0]?.problem ?? ownWords(''))).toMatch(/answer has changed/)
    expect(new Set(usualQuestions(all).map(({ kind }) => kind)).size).toBe(8)
  })

  it('suit a child’s rung', () => {
    const clock = asked(text).find(({ id }) => id.startsWith('which-clock:quarter past ten'))
    if (!clock) throw new Error('no question')
    expect((['oclock', 'quarters', 'minute'] as RungId[]).map((rung) => suitsRung(clock, rung, order))).toEqual([
      false,
      true,
      true,
    ])
  })
})

describe('made stories', () => {
  it('and their questions are right wherever they are read back', () => {
    for (let seed = 1; seed <= 150; seed++) expect(problemsOfStory(drawnStory(seed)), `seed ${seed}`).toEqual([])
  })

  it('have the child of their title in them', () => {
    const own = [480, 560, 700].map((minute, i) => ({ minute, what: `row ${i}` }))
    for (const language of LANGUAGE_IDS)
      for (let seed = 1; seed <= 40; seed++) {
        const wish = { rung: 'half', wording: { language, form: 'turns' }, names: ['Odalys', 'Bram', 'Wren'] } as const
        const { title, text } = makeStory({ ...wish, count: 3, seed })
        const named = wish.names.filter((name) => title.includes(name))
        expect(named, title).toHaveLength(1)
        expect(text).toContain(named[0])
        // A day of one's own rows tells of nobody.
        const told = makeStory({ ...wish, rung: 'minute', count: 3, rows: own, seed }).title
        expect(
          wish.names.filter((name) => told.includes(name)),
          told,
        ).toEqual([])
      }
  })

  it('are found out where a time, or an answer, is another one', () => {
    const drawn = drawnStory(5)
    const [first, ...rest] = drawn.story.events
    if (!first) throw new Error('no event')
    const late = { ...drawn, story: { ...drawn.story, events: [{ ...first, minute: first.minute + 5 }, ...rest] } }
    expect(problemsOfStory(late)).not.toEqual([])
    const torn = { ...drawn, story: { ...drawn.story, text: drawn.story.text.replace(first.words, 'then') } }
    expect(problemsOfStory(torn)).not.toEqual([])
  })

  it('differ from seed to seed, and are the same for the same seed', () => {
    const wish = { rung: 'quarters', wording: ENGLISH, names: ['Bram', 'Ilse'], count: 5 } as const
    const texts = Array.from({ length: 200 }, (_, seed) => makeStory({ ...wish, seed }).text)
    expect(new Set(texts).size).toBe(200)
    expect(makeStory({ ...wish, seed: 7 })).toEqual(makeStory({ ...wish, seed: 7 }))
  })

  it('say what is wrong with a wish', () => {
    const wish = { rung: 'half', wording: ENGLISH, names: ['Bram'], count: 4, seed: 1 } as const
    expect(() => makeStory({ ...wish, names: [] })).toThrow('names must be 1 to 4 of them, not 0')
    expect(() => makeStory({ ...wish, count: 2 })).toThrow(/count of things that happen must be/)
    expect(() => makeStory({ ...wish, rows: [{ minute: 540, what: 'x' }] })).toThrow(
      'rows must be 3 rows at least, not 1',
    )
  })
})

describe('the shelf', () => {
  it('has a story for every rung, in every language, with times that are sure', () => {
    expect(rungs.filter(({ id }) => !SHELF.some(({ rung }) => rung === id))).toEqual([])
    expect(SHELF.length).toBeGreaterThanOrEqual(12)
    for (const story of SHELF)
      for (const language of LANGUAGE_IDS) {
        const { text } = story.told[toldIn(language)]
        const marks = shelfMarks(text, language)
        const times = storyTimes(text, language, marks)
        expect(times.length, `${story.id} in ${language}`).toBeGreaterThanOrEqual(3)
        expect(times.every(({ either }) => either === undefined)).toBe(true)
        // Nothing goes back by more than an hour, which only a wrong reading would.
        expect(
          times.every(({ at }, i) => i === 0 || at > (times[i - 1]?.at ?? 0) - 60),
          `${story.id} in ${language}`,
        ).toBe(true)
        const questions = storyQuestions({ text, times, wording: { language, form: 'turns' }, order, seed: 1 })
        expect(questions.length, `${story.id} in ${language}`).toBeGreaterThanOrEqual(6)
      }
  })
})

describe('a story on paper', () => {
  it.each(LANGUAGE_IDS)(
    'has its clocks empty, the hands and answers in the key, all inside the page, in %s',
    (language) => {
      for (const paper of ['a4', 'letter'] as const)
        for (const seed of [1, 2, 3]) {
          const wording = { language, form: 'turns' } as const
          const story = makeStory({ rung: 'to-fives', wording, names: STORY_NAMES.slice(0, 2), count: 6, seed })
          const times = storyTimes(story.text, language, marksOf(story, language))
          const all = storyQuestions({ text: story.text, times, wording, order, seed })
          const questions = chosenQuestions(null, all)
          const { pages, key } = storyPages({
            title: story.title,
            text: story.text,
            times,
            questions,
            paper,
            wording,
            lowInk: seed === 2,
            owner: 'Odalys',
          })
          const [asked, answered] = [pages, key].map((some) => some.flatMap((page) => readSvg(toSvg(page))))
          if (!asked || !answered) throw new Error('no pages')
          const drawn = groups(answered, 'sentence').flatMap((each) => dials(each).map(({ time }) => time))
          expect(drawn).toEqual(times.map(({ at }) => at % 720))
          expect(groups(asked, 'sentence').flatMap((each) => dials(each))).toEqual([])
          const blocks = groups(answered, 'question')
          expect(groups(asked, 'question')).toHaveLength(blocks.length)
          questions.forEach(({ question }, i) => {
            if (!question) return
            const block = blocks[i] ?? []
            const open = groups(asked, 'question')[i] ?? []
            expect(inPart(open, 'ring').length + inPart(open, 'place').length).toBe(0)
            if (question.kind === 'set-clock') {
              expect(dials(block).map(({ time }) => time)).toEqual([
                question.item.answer.kind === 'time' ? question.item.answer.minute : NaN,
              ])
              expect(dials(open)).toEqual([])
            } else if (question.kind === 'order') {
              const places = groups(block, 'choice').map((choice) => Number(words(choice, 'place')))
              question.right.forEach((at, place) => expect(places[at]).toBe(place + 1))
            } else {
              const ringed = groups(block, 'choice').flatMap((choice, at) =>
                inPart(choice, 'ring').length > 0 ? [at] : [],
              )
              expect(ringed).toEqual(question.right)
            }
          })
          for (const { points } of [...asked, ...answered])
            for (const { x, y } of points) {
              expect(Math.min(x, y)).toBeGreaterThanOrEqual(SAFE_MARGIN_MM - 0.01)
              expect(x).toBeLessThanOrEqual(papers[paper].width - SAFE_MARGIN_MM + 0.01)
              expect(y).toBeLessThanOrEqual(papers[paper].height - SAFE_MARGIN_MM + 0.01)
            }
        }
    },
  )
})
