import { told } from '../core/wording'
/** The ways of saying a time, as the fields name them. */
export const SAYING_FORMS = {
  turns: told('Past and to'),
  'minutes-past': told('Minutes past, for every time'),
  digital: told('In figures'),
} as const
export type SayingForm = keyof typeof SAYING_FORMS
