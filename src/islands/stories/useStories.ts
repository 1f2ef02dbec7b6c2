import { useMemo } from 'react'
import { type StoriesData, wordingOf } from '../../core/records'
import { NO_MARKS, type Story, chosenQuestions, storyQuestions, storyTimes } from '../../core/stories'
import { schools } from '../../core/teaching'
import { useOpenKept } from '../../ui/openKept'

/** The stories that are kept, the one that is open, and its times on its own timeline. */
export function useStories(data: StoriesData) {
  const { settings } = data
  const empty: Story = { language: settings.language, text: '', marks: NO_MARKS, questions: null, seed: 1 }
  const kept = useOpenKept<Story>({ shelf: 'stories', one: 'story', list: data.stories, empty })
  const { text, language, marks } = kept.body
  const times = useMemo(() => storyTimes(text, language, marks), [text, language, marks])
  const wording = useMemo(() => ({ ...wordingOf(settings), language }), [settings, language])
  return { kept, story: kept.body, times, wording, school: settings.school }
}

export type StoriesState = ReturnType<typeof useStories>

/**
 * All questions that the open story has, and those chosen of them. They take the longest of all there is to work out of
 * a story, so only what shows them asks for them.
 */
export function useStoryQuestions({ story, times, wording, school }: StoriesState) {
  const { text, questions, seed } = story
  const { order } = schools[school]
  const all = useMemo(() => storyQuestions({ text, times, wording, order, seed }), [text, times, wording, order, seed])
  const chosen = useMemo(() => chosenQuestions(questions, all), [questions, all])
  return { all, chosen }
}
