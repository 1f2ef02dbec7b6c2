import type { PictureId } from '../core/days'
import type { Drawing, PaperId } from '../core/drawing'
import type { PrintLooks } from '../core/printables'
import { type Story, chosenQuestions, storyPages, storyQuestions, storyTimes, suitsRung } from '../core/stories'
import type { RungId } from '../core/teaching'
import type { Wording } from '../core/wording'

/** All that a story's pages are made of. */
export interface StoryPrintWish extends PrintLooks {
  readonly title: string
  readonly story: Story
  readonly paper: PaperId
  readonly wording: Wording
  readonly order: readonly RungId[]
  /** What the story is about, where its title says it. */
  readonly picture?: PictureId
  /** For whom: each with the questions that the rung allows. Undefined for one print with all questions. */
  readonly children?: readonly { readonly name: string; readonly picture?: PictureId; readonly rung: RungId }[]
}

/** A story on paper: once or for each child, then the keys, of which those that are alike are printed once. */
export function storyPrintPages({ story, children, title, order, ...rest }: StoryPrintWish): Drawing[] {
  const { text, language, marks, seed } = story
  // The story is printed in its own language, whatever the house speaks.
  const wording = { ...rest.wording, language }
  const times = storyTimes(text, language, marks)
  const all = storyQuestions({ text, times, wording, order, seed })
  const questions = chosenQuestions(story.questions, all)
  const look = { ...rest, title, text, times, wording }
  if (!children) {
    const { pages, key } = storyPages({ ...look, questions })
    return [...pages, ...key]
  }
  const made = children.map(({ name, picture = rest.picture, rung }) => {
    const own = questions.filter(({ question }) => question && suitsRung(question, rung, order))
    return storyPages({ ...look, questions: own, owner: name, picture })
  })
  const keys = new Map(made.map(({ key }) => [JSON.stringify(key), key]))
  return [...made.flatMap(({ pages }) => pages), ...[...keys.values()].flat()]
}
