import type { Printed } from '../phrases'
import { frenchHome } from './home'
import { frenchMaking, frenchYard } from './making'
import { frenchPrints } from './prints'
import { frenchSession } from './session'
import { frenchThings } from './things'

export const FRENCH_PRINTED: Printed = {
  phrases: { ...frenchPrints.phrases, ...frenchSession, ...frenchHome, ...frenchMaking, ...frenchYard },
  names: { ...frenchPrints.names, ...frenchThings },
}
