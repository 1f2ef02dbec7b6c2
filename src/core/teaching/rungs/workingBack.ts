import { told } from '../../wording'
import { onDial, workBack } from '../../clock'
import { draw, drawInt } from '../../random'
import { distinct } from './pool'
import type { RungEntry } from './rung'

export const workingBack = {
  id: 'work-back',
  name: told('When to start'),
  can: told('adds the steps’ minutes, then takes them from the deadline'),
  trap: 'a step left out; counted forward',
  asks: ['work-back'],
  pool: (random) =>
    distinct(() => {
      const deadline = drawInt(random, 96, 228) * 5
      const steps = Array.from({ length: drawInt(random, 2, 3) }, () => draw(random, [5, 10, 15, 20, 25]))
      const answer = { kind: 'time', minute: onDial(workBack(deadline, steps).start) } as const
      return { ask: 'work-back', shown: { as: 'steps', minute: deadline, steps }, answer }
    }),
} as const satisfies RungEntry
