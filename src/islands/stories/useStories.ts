import { useMemo } from 'react'
import { type StoriesData, wordingOf } from '../../core/records'
import { NO_MARKS, type Story, chosenQuestions, storyQuestions, storyTimes } from '../../core/stories'
import { schools } from '../../core/teaching'
import { useOpenKept } from '../../ui/openKept'

/** The stories that are kept, the one that is open, its times on its own timeline, and its questions. */
export function useStories(data: StoriesData) {
  const { settings } = data
  const empty: Story = { language: settings.language, text: '', marks: NO_MARKS, questions: null, seed: 1 }
  const kept = useOpenKept<Story>({ shelf: 'stories', one: 'story', list: data.stories, empty })
  const { text, language, marks, questions, seed } = kept.body
  const { order } = schools[settings.school]
  const times = useMemo(() => storyTimes(text, language, marks), [text, language, marks])
  const wording = useMemo(() => ({ ...wordingOf(settings), language }), [settings, language])
  const all = useMemo(() => storyQuestions({ text, times, wording, order, seed }), [text, times, wording, order, seed])
  const chosen = useMemo(() => chosenQuestions(questions, all), [questions, all])
  return { kept, story: kept.body, times, wording, all, chosen }
}

export type StoriesState = ReturnType<typeof useStories>
