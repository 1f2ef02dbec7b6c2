import type { Stage } from '../core/teaching'

export const KIND_NAMES: Readonly<Record<Stage, string>> = {
  concrete: 'with things',
  pictorial: 'with pictures',
  abstract: 'with words and figures',
}

/** The ways of saying a time, as the fields name them. */
export const SAYING_FORMS = {
  turns: 'Past and to',
  'minutes-past': 'Minutes past, for every time',
  digital: 'In figures',
} as const
export type SayingForm = keyof typeof SAYING_FORMS
