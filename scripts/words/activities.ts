import { activityOf, activityWords, catalogue, STATIONS_ID, type WordsOnRung } from '../../src/core/activities'
import type { RungId } from '../../src/core/teaching'
import { type LanguageId, inEnglish } from '../../src/core/wording'

/*
 * The words of the activities are translated where they are printed from (`core/activities/words`); on the screen they
 * are said like all other texts, by their English.
 */

const textsOf = ({ name, say, lookFor, easier, harder, steps }: WordsOnRung<string>): string[] => [
  name,
  say,
  lookFor,
  easier,
  harder,
  ...steps,
]

/** The English texts of all activities, each with how a language says it; where two say one differently, the first. */
export function activityTexts(language: LanguageId): Readonly<Record<string, string>> {
  const found = new Map<string, string>()
  for (const activity of [...catalogue, activityOf(STATIONS_ID)])
    for (const rung of ['parts', ...(Object.keys(activity.onRung ?? {}) as RungId[])] as RungId[]) {
      const [english, said] = (['en-GB', language] as const).map((each) => textsOf(activityWords(activity, each, rung)))
      english?.forEach((text, i) => {
        const translated = said?.[i]
        if (translated !== undefined && !found.has(text)) found.set(text, translated)
      })
    }
  return Object.fromEntries(found)
}

/** Those that stand only where an activity is shown whole: all but the names. */
export function activityDetails(): string[] {
  const names = new Set([...catalogue, activityOf(STATIONS_ID)].map(({ name }) => inEnglish(name)))
  return Object.keys(activityTexts('en-GB')).filter((text) => !names.has(text))
}
