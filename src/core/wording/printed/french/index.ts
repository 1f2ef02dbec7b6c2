import type { Printed } from '../phrases'
import { frenchMaking, frenchYard } from './making'
import { frenchPrints } from './prints'
import { frenchSession } from './session'
import { frenchThings } from './things'

export const FRENCH_PRINTED: Printed = {
  phrases: { ...frenchPrints.phrases, ...frenchSession, ...frenchMaking, ...frenchYard },
  names: { ...frenchPrints.names, ...frenchThings },
  decimalPoint: ',',
}
