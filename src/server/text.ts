import Joi from 'joi'

/*
 * Plain text: any script, markup and emoji are text like any other. Control characters and characters that nobody sees
 * are refused, since two names that look alike could differ by them, and no XML may hold them. The two joiners stay:
 * several scripts, and many emoji, are not written without them.
 */
const ONE_LINE = /^(?:[\u200c\u200d]|[^\p{Cc}\p{Cf}\p{Cs}\p{Co}\u2028\u2029])*$/u
/**
 * A text that was pasted may hold what nobody sees, such as places where a word may be parted: it tells nothing apart.
 */
const LINES = /^(?:[\n\r\t]|[^\p{Cc}\p{Cs}])*$/u
/** Something that can be seen: a letter, a digit, a sign. */
const SEEN = /[\p{L}\p{N}\p{P}\p{S}]/u

/** One line of text, the same letters always written the same way. */
export function plainLine(most: number): Joi.StringSchema {
  return Joi.string().normalize('NFC').max(most).pattern(ONE_LINE, 'one line').pattern(SEEN, 'seen')
}

/** Text of several lines. */
export function plainText(most: number): Joi.StringSchema {
  return Joi.string().normalize('NFC').max(most).pattern(LINES, 'lines')
}

/** A date that is in the calendar: 31 February is none. */
export const plainDate = Joi.string()
  .pattern(/^\d{4}-\d\d-\d\d$/)
  .custom((text: string, helpers) => {
    const at = new Date(`${text}T00:00:00Z`)
    // A day beyond the end of its month is read as one of the next month.
    const isReal = !Number.isNaN(at.getTime()) && at.toISOString().startsWith(text)
    return isReal ? text : helpers.error('date.real')
  })
