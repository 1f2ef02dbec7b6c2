import { describe, expect, it } from 'vitest'
import { type LanguageId, parseTime, whyNoTime, inEnglish, told } from '..'
import { TYPED_ENGLISH } from './english'
import { TYPED_FRENCH } from './french'
import { TYPED_GERMAN } from './german'
import { TYPED_SPANISH } from './spanish'

interface Row {
  readonly text: string
  readonly source: string
  readonly expected: ReturnType<typeof parseTime>
}

/** "half past four = 4:30", "4 pm = 16:00 day", "9:5 = no"; a line with # names the source of those below it. */
function rowsOf(table: string): Row[] {
  let source = ''
  return table.split('\n').flatMap((line): Row[] => {
    if (line.startsWith('#')) source = line.slice(2)
    const match = /^(.*?) = (?:(no)|(\d{1,2}):(\d{2})( day)?)$/.exec(line)
    if (line.trim() === '' || line.startsWith('#')) return []
    if (!match) throw new Error(`not a row: ${line}`)
    const [, text = '', none, hour, minutes, day] = match
    const minute = Number(hour) * 60 + Number(minutes)
    if (none) return [{ text, source, expected: undefined }]
    return [{ text, source, expected: day ? { minute, kind: 'day' } : { minute: minute % 720, kind: 'dial' } }]
  })
}

/** One table a language; two places of a language read the same. */
const TABLES: readonly (readonly [LanguageId, string])[] = [
  ['en-GB', TYPED_ENGLISH],
  ['en-US', TYPED_ENGLISH],
  ['de', TYPED_GERMAN],
  ['de-quarters', TYPED_GERMAN],
  ['fr', TYPED_FRENCH],
  ['es', TYPED_SPANISH],
]

describe.each(TABLES)('times as adults type them: %s', (language, table) => {
  const rows = rowsOf(table)

  it('are at least 150, refusals among them, each with how people come to say it', () => {
    expect(rows.length).toBeGreaterThanOrEqual(150)
    expect(new Set(rows.map(({ text }) => text)).size).toBe(rows.length)
    expect(rows.filter(({ expected }) => !expected).length).toBeGreaterThanOrEqual(30)
    for (const { source, text } of rows) expect(source, text).not.toBe('')
  })

  it.each(rows)('$text', ({ text, expected }) => {
    expect(parseTime(text, language)).toEqual(expected)
    if (!expected) expect(inEnglish(whyNoTime(text, language) ?? told(''))).toBeTruthy()
  })
})
