import { said } from '../words/i18n'
import { capital } from '../core/wording'
import { type Place, placeNames } from '../core/activities'

/** Where a session can be held, as the fields offer it. */
export const placeChoices = (): { value: Place; label: string }[] =>
  (Object.keys(placeNames) as Place[]).map((value) => ({ value, label: capital(said(placeNames[value])) }))
