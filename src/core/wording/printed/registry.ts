import type { LanguageId } from '../registry'
import { FRENCH_PRINTED } from './french'
import { GERMAN_PRINTED } from './german'
import type { Printed } from './phrases'
import { SPANISH_PRINTED } from './spanish'

/** What is printed for the adult; English has none, since the phrases themselves are English. */
export const PRINTED_IN: Readonly<Partial<Record<LanguageId, Printed>>> = {
  de: GERMAN_PRINTED,
  'de-quarters': GERMAN_PRINTED,
  fr: FRENCH_PRINTED,
  es: SPANISH_PRINTED,
}
