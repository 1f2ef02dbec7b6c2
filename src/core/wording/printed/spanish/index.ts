import type { Printed } from '../phrases'
import { spanishHome } from './home'
import { spanishMaking, spanishYard } from './making'
import { spanishPrints } from './prints'
import { spanishSession } from './session'
import { spanishThings } from './things'

export const SPANISH_PRINTED: Printed = {
  phrases: { ...spanishPrints.phrases, ...spanishSession, ...spanishHome, ...spanishMaking, ...spanishYard },
  names: { ...spanishPrints.names, ...spanishThings },
}
