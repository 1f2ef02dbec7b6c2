import type { ParsedTime } from './language'
import { LONGEST_TIME_TEXT, type ReadOptions, parseTime, tidied } from './reading'
import { type LanguageId, inEach } from './registry'

/** A way of typing something, and what it stands for. */
type HastySpelling = readonly [RegExp, string]

/**
 * What an adult typed in haste, for a row of a day or a time of a story: what `parseTime` reads, and besides times that
 * are about so ("gegen 8"), figures without their colon ("0730", "415"), with a comma or seconds, and words run
 * together ("5past4"). What a child wrote is never read so.
 *
 * readTyped('about 8', 'en-GB') //=> { minute: 480, kind: 'dial' }
 * readTyped('0730', 'en-GB') //=> { minute: 450, kind: 'day' }
 * readTyped('halbfünf', 'de') //=> { minute: 270, kind: 'dial' }
 * readTyped('4 hours', 'en-GB') //=> undefined
 */
export function readTyped(text: string, language: LanguageId, options: ReadOptions = {}): ParsedTime | undefined {
  const strict = parseTime(text, language, options)
  if (strict || text.length > LONGEST_TIME_TEXT) return strict
  const put = IN_ANY.reduce((sofar, [spelling, meant]) => sofar.replace(spelling, meant), tidied(text))
  const spelt = IN_LANGUAGE[language].reduce((sofar, [spelling, meant]) => sofar.replace(spelling, meant), put)
  return spelt === text ? undefined : parseTime(spelt, language, options)
}

/** What is typed for a time in any language, and what it stands for. */
const IN_ANY: readonly HastySpelling[] = [
  [/^(?:@|~|≈|ca\b\.?|circa|zirka) ?/, ''],
  [/^(\d{1,2}) ?: ?([0-5]\d)\b/, '$1:$2'],
  // A comma for a colon, no seconds, and no colon at all: "4,15", "08:50:00", "0730", "415 pm".
  [/^(\d{1,2}),([0-5]\d)(?!\d)/, '$1:$2'],
  [/^(\d{1,2}:[0-5]\d):00(?!\d)/, '$1'],
  [/^([01]?\d|2[0-3])([0-5]\d)(?= ?(?:[ap]\.? ?m\.?|h|hrs?|hours|uhr|horas)?$)/, '$1:$2'],
  [/^(\d{1,2}:\d\d) ?(?:h|hrs?|hours)$/, '$1'],
  [/½|\b1\/2\b/, ' 1/2 '],
  [/¼|\b1\/4\b/, ' 1/4 '],
  [/(?<=[\p{L}])(?=\d)|(?<=\d)(?=\p{L}{2})/gu, ' '],
  [/ {2,}/g, ' '],
  [/^ | $/g, ''],
]

const ENGLISH: readonly HastySpelling[] = [
  [/^(?:about|around|approx(?:imately)?\.?|roughly|from) /, ''],
  [/^an? min(?:ute)? /, 'one minute '],
  [/^(?:an? )?(?:qtr|1\/4)\.? /, 'quarter '],
  [/^(?:an? )?1\/2 /, 'half '],
  [/ ?-?ish$/, ''],
]

const GERMAN: readonly HastySpelling[] = [
  [/^(?:gegen|etwa|ungefähr|ungefaehr|so um|ab|so gegen) /, ''],
  [/^(dreiviertel|viertel|halb|kurz)(?=[\p{L}])/u, '$1 '],
  [/^(\d+|viertel) ?(nach|vor)(?=[\p{L}])/u, '$1 $2 '],
  [/^1\/2 /, 'halb '],
  [/^1\/4 /, 'viertel '],
]

const FRENCH: readonly HastySpelling[] = [
  [/^(?:vers|environ|aux environs de|autour de|à partir de|dès|de) /, ''],
  [/ 1\/2\s*$/, ' et demie'],
  [/ 1\/4\s*$/, ' et quart'],
]

const SPANISH: readonly HastySpelling[] = [
  [/^(?:sobre|hacia|a eso de|alrededor de|desde|a partir de) /, ''],
  [/\bmedio d[ií]a$/, 'mediodía'],
  [/\bmedia noche$/, 'medianoche'],
  [/ y 1\/2\s*$/, ' y media'],
  [/ y 1\/4\s*$/, ' y cuarto'],
  [/ (?:-|menos) 1\/4\s*$/, ' menos cuarto'],
]

/**
 * What adults write before or in a time when they type a list fast: "about" for nothing, "qtr" for "quarter". The text is
 * in lower case, and figures stand apart from words.
 */
const IN_LANGUAGE: Readonly<Record<LanguageId, readonly HastySpelling[]>> = inEach({
  en: ENGLISH,
  de: GERMAN,
  fr: FRENCH,
  es: SPANISH,
})
