import { MINUTES_PER_TURN, onDial } from '../clock'
import { type LanguageId, inEach, say } from '../wording'
import { type Happening, LEAST_LETTERS, lettersIn, shortened } from './happenings'
import { sentencesOf } from './story'
import type { Maker, StoryQuestion } from './questionKinds'
import { chosen } from './lengthQuestions'
import { lookUp } from './orderQuestions'

/** The least time between two things in which a third can be placed, minutes. */
const LEAST_ROOM = 20

/** Words that tell how things are, or what happens always, in each language. */
const HOLDS_ALL_DAY = inEach({
  en: /(?<!\p{L})(?:is|are|was|were|has|had|likes?|liked|lived?|lives|called|named|belongs?|always|every|never|wears?)(?!\p{L})/iu,
  de: /(?<!\p{L})(?:ist|sind|war|waren|hatten?|hat|mag|mochte|heißt|hieß|wohnte?|wohnt|lebt|gehört|immer|nie|jeden|jede|trägt)(?!\p{L})/iu,
  fr: /(?<!\p{L})(?:est|sont|était|étaient|avait|avaient|aime|aimait|habite|habitait|s’appelle|s'appelle|toujours|jamais|chaque|porte)(?!\p{L})/iu,
  es: /(?<!\p{L})(?:es|son|era|eran|está|estaba|estaban|tiene|tenía|vive|vivía|llama|llamaba|hay|había|siempre|nunca|cada|lleva)(?!\p{L})/iu,
})

/** Whether a sentence tells what holds all day: nobody can say when that was. */
const holdsAllDay = (text: string, language: LanguageId) => HOLDS_ALL_DAY[language].test(text)

/** Sentences without a time between two with one: of three times only one lies between them. */
export function infers(maker: Maker): StoryQuestion[] {
  const { wish, words } = maker
  const sentences = sentencesOf(wish.text, wish.times)
  const timed = (i: number) => {
    const sentence = sentences[i]
    return sentence && wish.times.filter(({ from }) => from >= sentence.from && from < sentence.to)
  }
  return sentences.flatMap((sentence, i): StoryQuestion[] => {
    const own = timed(i) ?? []
    // What follows "It is ten past nine." happens then.
    const before = timed(i - 1) ?? []
    const said = before.reduce((sum, { text }) => sum - lettersIn(text), lettersIn(sentences[i - 1]?.text ?? ''))
    const isTold = before.length > 0 && said < LEAST_LETTERS
    const earlier = wish.times.filter(({ to }) => to <= sentence.from).pop()
    const later = wish.times.find(({ from }) => from >= sentence.to)
    if (
      own.length > 0 ||
      isTold ||
      holdsAllDay(sentence.text, wish.wording.language) ||
      !earlier ||
      !later ||
      earlier.either ||
      later.either
    )
      return []
    const room = later.at - earlier.at
    if (room < LEAST_ROOM || room >= MINUTES_PER_TURN - 120) return []
    const middle = earlier.at + Math.max(5, Math.round(room / 10) * 5)
    if (middle <= earlier.at || middle >= later.at) return []
    const outside = [earlier.at - 30, later.at + 30, later.at + 60].filter((at) => at >= 0)
    const offered = [middle, ...outside].map((at) => ({
      value: { kind: 'time', minute: onDial(at) } as const,
      text: say(onDial(at), wish.wording),
    }))
    const right: Happening = { key: '', at: middle, quote: shortened(sentence.text) }
    const rows = [earlier, later].map(({ key, at, text }) => ({ key, at, quote: text }))
    return [
      chosen(
        maker,
        i + 80,
        {
          id: `infer:${earlier.key}:${later.key}:${sentence.text.slice(0, 20)}`,
          kind: 'infer',
          says: words.infer(right.quote),
          item: lookUp(right, [rows[0] as Happening, right, rows[1] as Happening]),
        },
        offered,
      ),
    ]
  })
}
