import { type Activity, activityWords } from '../../core/activities'
import type { RungId } from '../../core/teaching'
import type { LanguageId } from '../../core/wording'
import { StepWords } from './StepWords'

interface Props {
  readonly activity: Activity
  readonly rung: RungId
  readonly language: LanguageId
}

/** A step's words in another language than English. */
export function TranslatedWords({ activity, rung, language }: Props) {
  return <StepWords words={activityWords(activity, language, rung)} />
}
