import { type StoryTime, sentencesOf } from './story'

/** A time of the story with what happens then. */
export interface Happening {
  readonly key: string
  readonly at: number
  /** What happens, its time left out. */
  readonly quote: string
}

const LONGEST_QUOTE = 80
/** A sentence with fewer letters beside its time says nothing by itself: "It is ten past nine." */
export const LEAST_LETTERS = 10

/** What happens at each time: its sentence with the time left out, and the next one where that says nothing. */
export function happeningsOf(text: string, times: readonly StoryTime[]): Happening[] {
  const sentences = sentencesOf(text, times)
  const isTimed = (i: number) => {
    const sentence = sentences[i]
    return sentence !== undefined && times.some(({ from }) => from >= sentence.from && from < sentence.to)
  }
  return times.map((time) => {
    const i = sentences.findIndex(({ from, to }) => time.from >= from && time.from < to)
    const sentence = sentences[i]
    if (!sentence) return { key: time.key, at: time.at, quote: time.text }
    const others = times.filter(({ from, to }) => from >= sentence.from && to <= sentence.to)
    let blanked = ''
    let from = sentence.from
    for (const other of others) {
      blanked += `${text.slice(from, other.from)}…`
      from = other.to
    }
    blanked += text.slice(from, sentence.to)
    const whole = lettersIn(blanked) < LEAST_LETTERS && !isTimed(i + 1) ? (sentences[i + 1]?.text ?? blanked) : blanked
    return { key: time.key, at: time.at, quote: shortened(whole) }
  })
}

export const lettersIn = (text: string) => text.replace(/[^\p{L}]/gu, '').length

export const shortened = (text: string) => {
  const tidy = text.replace(/[\s\p{Cc}]+/gu, ' ').trim()
  return tidy.length <= LONGEST_QUOTE ? tidy : `${tidy.slice(0, LONGEST_QUOTE - 1).trimEnd()}…`
}
