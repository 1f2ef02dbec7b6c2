import type { Ask, Stage } from '../core/teaching'

/** The ways of asking, as the adult picks and reads them. */
export const ASK_NAMES: Readonly<Record<Ask, string>> = {
  read: 'reading a clock',
  set: 'setting a clock',
  say: 'saying figures',
  match: 'matching to figures',
  write: 'writing it down',
  name: 'naming parts',
  round: 'rounding',
  later: 'later and sooner',
  'how-long': 'how long',
  'work-back': 'start when',
  'half-of-day': 'half of the day',
  'write-24': '24 hours',
  'look-up': 'looking up',
}

export const KIND_NAMES: Readonly<Record<Stage, string>> = {
  concrete: 'with hands',
  pictorial: 'in pictures',
  abstract: 'in signs',
}

/** The ways of saying a time, as the fields name them. */
export const SAYING_FORMS = {
  turns: 'Past and to',
  'minutes-past': 'Minutes past, for every time',
  digital: 'In figures',
} as const
export type SayingForm = keyof typeof SAYING_FORMS
