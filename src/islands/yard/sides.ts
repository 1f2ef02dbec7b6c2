import { told } from '../../core/wording'

/** Where something lies, seen by somebody who faces 12, with how far it is. */
export const SIDES = {
  right: (far: string) => told('{0} right', far),
  left: (far: string) => told('{0} left', far),
  ahead: (far: string) => told('{0} ahead', far),
  back: (far: string) => told('{0} back', far),
  'on the line': () => told('on the line'),
  level: () => told('level'),
} as const

export type SideName = keyof typeof SIDES
