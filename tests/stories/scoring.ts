import { type FoundTime, findTimes } from '../../src/core/stories'
import type { LanguageId } from '../../src/core/wording'
import { type Mark, unmarked } from './sentences'

export interface Score {
  /** How many times are marked, and how many of them were found at all. */
  readonly marks: number
  readonly found: number
  /** How many times were given, and how many of them are marked there with that very value. */
  readonly given: number
  readonly right: number
  readonly wrong: readonly string[]
}

/** What a found time says, as a mark says it. */
export function asMark({ says }: FoundTime): string {
  if (says.kind === 'later') return says.by > 0 ? `+${says.by}` : String(says.by)
  const hour = Math.floor(says.minute / 60)
  const minutes = String(says.minute % 60).padStart(2, '0')
  return says.kind === 'day' ? `=${hour}:${minutes}` : `${hour || 12}:${minutes}`
}

const overlaps = (a: Pick<Mark, 'from' | 'to'>, b: Pick<Mark, 'from' | 'to'>) => a.from < b.to && b.from < a.to

export function scoreOf(marked: readonly string[], language: LanguageId): Score {
  const wrong: string[] = []
  let [marks, found, given, right] = [0, 0, 0, 0]
  for (const each of marked) {
    const sentence = unmarked(each)
    const times = findTimes(sentence.text, language)
    marks += sentence.marks.length
    given += times.length
    for (const mark of sentence.marks) {
      if (times.some((time) => overlaps(mark, time))) found++
      else wrong.push(`not found: ${mark.due} in “${sentence.text}”`)
    }
    for (const time of times) {
      const mark = sentence.marks.find((other) => overlaps(other, time))
      if (mark && mark.due === asMark(time)) right++
      else
        wrong.push(`“${time.text}” taken for ${asMark(time)}${mark ? `, not ${mark.due}` : ''} in “${sentence.text}”`)
    }
  }
  return { marks, found, given, right, wrong }
}
