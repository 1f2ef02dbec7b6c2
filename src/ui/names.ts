/** The ways of saying a time, as the fields name them. */
export const SAYING_FORMS = {
  turns: 'Past and to',
  'minutes-past': 'Minutes past, for every time',
  digital: 'In figures',
} as const
export type SayingForm = keyof typeof SAYING_FORMS
