import { capital, languages, say, sayDuration, type Wording } from '../wording'
import { ROUNDING_STEP, type RungId, rungOf } from './rungs'
import { rowName } from './shown'
import { sayHands } from './sayHands'
import { sayValue } from './valueWords'
import type { Value } from './values'
import type { Item } from './items'

/** The group's wording as a rung practises it. */
export function wordingOn(rung: RungId, wording: Wording): Wording {
  return rungOf(rung).wording?.(wording) ?? wording
}

/** An answer to an item, right or wrong, as the group says it on the item's rung: matched in figures, said in words. */
export function sayAnswer(item: Item, value: Value, wording: Wording): string {
  if (value.kind === 'hands' && item.answer.kind === 'time')
    return sayHands(value, wordingOn(item.rung, wording), item.answer.minute)
  if (item.ask === 'match') return sayValue(value, { ...wording, form: 'digital' })
  if (item.ask === 'say' && wording.form === 'digital')
    return sayValue(value, wordingOn(item.rung, { ...wording, form: 'turns' }))
  return sayValue(value, wordingOn(item.rung, wording))
}

/** What is asked, in the group's language, for the adult to read out. */
export function askInWords({ rung, ask, shown }: Item, wording: Wording): string {
  const { phrases, dayPart } = languages[wording.language]
  const { asked } = rungOf(rung)
  if (asked) return asked(phrases)
  switch (shown.as) {
    case 'words':
      return phrases.showMe(say(shown.minute, wordingOn(rung, wording)))
    case 'figures':
      return phrases.sayAloud
    case 'shift':
      return shown.by > 0 ? phrases.later(sayDuration(shown.by)) : phrases.sooner(sayDuration(-shown.by))
    case 'span':
      return phrases.howLong(
        say(shown.minute, { ...wording, form: 'digital' }),
        say(shown.to, { ...wording, form: 'digital' }),
      )
    case 'steps':
      return phrases.startWhen(say(shown.minute, { ...wording, form: 'digital' }), shown.steps.map(sayDuration))
    case 'doing':
      return capital(phrases.whichHalf(rowName(shown, phrases)))
    case 'day':
      return phrases.write24(dayPart(shown.minute))
    case 'part':
      return phrases.whichPart
    case 'rows': {
      const row = shown.rows.find((each) => each.minute === shown.minute)
      return phrases.whenIs(row ? rowName(row, phrases) : '')
    }
    case 'dial':
      if (ask === 'write') return phrases.write
      return ask === 'round' ? phrases.roundTo(ROUNDING_STEP) : phrases.whatTime
  }
}
