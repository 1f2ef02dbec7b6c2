import type { Printed } from '../phrases'
import { germanHome } from './home'
import { germanMaking, germanYard } from './making'
import { germanPrints } from './prints'
import { germanSession } from './session'
import { germanThings } from './things'

export const GERMAN_PRINTED: Printed = {
  phrases: { ...germanPrints.phrases, ...germanSession, ...germanHome, ...germanMaking, ...germanYard },
  names: { ...germanPrints.names, ...germanThings },
}
