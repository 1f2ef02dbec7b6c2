import fc from 'fast-check'
import { expect, it } from 'vitest'
import { type StoryTime, NO_MARKS, storyTimes } from '../../core/stories'
import { linesOf, piecesOf } from './pieces'

const TEXT = 'We meet at half past three.\n\nAt four o’clock we go.'

it('the pieces of all lines are the text, and its times are pieces of their own', () => {
  const times = storyTimes(TEXT, 'en-GB', NO_MARKS)
  const lines = linesOf(TEXT).map((line) => piecesOf(line, times))
  expect(lines.map((pieces) => pieces.map(({ text }) => text).join(''))).toEqual(TEXT.split('\n'))
  expect(lines.map((pieces) => pieces.flatMap(({ time, text }) => (time ? [text] : [])))).toEqual([
    ['half past three'],
    [],
    ['four o’clock'],
  ])
})

it('each line lies where it says', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('a', 'bc', '\n', ' ')), (parts) => {
      const text = parts.join('')
      const lines = linesOf(text)
      expect(lines.map((line) => text.slice(line.from, line.to))).toEqual(text.split('\n'))
      for (const line of lines) expect(line.text).toBe(text.slice(line.from, line.to))
    }),
  )
})

it('a time that goes on in the next line is left to the editor', () => {
  const [time] = storyTimes('half past three', 'en-GB', NO_MARKS) as [StoryTime]
  const broken = { ...time, from: 0, to: 9 }
  expect(piecesOf({ from: 0, to: 4, text: 'half' }, [broken])).toEqual([{ text: 'half' }])
})
