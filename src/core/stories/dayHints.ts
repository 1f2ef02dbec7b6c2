import { type LanguageId, inEach } from '../wording'

/** Words that say on which day and in which part of it what follows happens: "the next morning", "gestern Abend". */
export interface DayHint {
  readonly from: number
  readonly to: number
  /** 1 on the day after, -1 on the day before, 0 on the same one. */
  readonly day: 1 | 0 | -1
  readonly part?: 'morning' | 'later' | 'night'
}

type Hints = readonly (readonly [RegExp, Omit<DayHint, 'from' | 'to'>])[]

const ENGLISH: Hints = [
  [/\b(?:the )?(?:next|following) morning\b|\btomorrow morning\b/giu, { day: 1, part: 'morning' }],
  [
    /\b(?:the )?(?:next|following) (?:afternoon|evening)\b|\btomorrow (?:afternoon|evening|night)\b/giu,
    { day: 1, part: 'later' },
  ],
  [/\b(?:the )?(?:next|following) day\b|\bthe day after\b/giu, { day: 1 }],
  [/\blast night\b|\byesterday (?:afternoon|evening)\b/giu, { day: -1, part: 'later' }],
  [/\byesterday morning\b/giu, { day: -1, part: 'morning' }],
  [/\b(?:in the|that|this|early in the) morning\b/giu, { day: 0, part: 'morning' }],
  [/\b(?:in the|that|this) (?:afternoon|evening)\b|\btonight\b/giu, { day: 0, part: 'later' }],
  [/\b(?:at|that) night\b/giu, { day: 0, part: 'night' }],
]

const GERMAN: Hints = [
  [/\bam (?:nächsten|folgenden|anderen) morgen\b|\bmorgen früh\b/giu, { day: 1, part: 'morning' }],
  [
    /\bam (?:nächsten|folgenden|anderen) (?:nachmittag|abend)\b|\bmorgen (?:nachmittag|abend)\b/giu,
    { day: 1, part: 'later' },
  ],
  [/\bam (?:nächsten|folgenden|anderen) tag\b|\btags darauf\b/giu, { day: 1 }],
  [/\bgestern (?:nachmittag|abend)\b|\bletzte nacht\b/giu, { day: -1, part: 'later' }],
  [/\bgestern (?:morgen|früh)\b/giu, { day: -1, part: 'morning' }],
  [/\bam (?:selben |frühen |späten )?(?:morgen|vormittag)\b|\bheute (?:morgen|früh)\b/giu, { day: 0, part: 'morning' }],
  [
    /\bam (?:selben |frühen |späten )?(?:nachmittag|abend)\b|\bheute (?:nachmittag|abend)\b/giu,
    { day: 0, part: 'later' },
  ],
  [/\bin (?:der|dieser) nacht\b|\bheute nacht\b/giu, { day: 0, part: 'night' }],
]

const FRENCH: Hints = [
  [/\b(?:le lendemain|demain) matin\b|\bau matin suivant\b/giu, { day: 1, part: 'morning' }],
  [/\b(?:le lendemain|demain) (?:soir|après-midi)\b/giu, { day: 1, part: 'later' }],
  [/\ble lendemain\b|\ble jour suivant\b/giu, { day: 1 }],
  [/\bhier (?:soir|après-midi)\b/giu, { day: -1, part: 'later' }],
  [/\bhier matin\b/giu, { day: -1, part: 'morning' }],
  [/\b(?:le|ce|au|de bon) matin\b/giu, { day: 0, part: 'morning' }],
  [/\b(?:le|ce) soir\b|\b(?:l’|l'|cet )après-midi\b/giu, { day: 0, part: 'later' }],
  [/\b(?:la|cette|dans la) nuit\b/giu, { day: 0, part: 'night' }],
]

const SPANISH: Hints = [
  [/\ba la mañana siguiente\b|\bmañana por la mañana\b/giu, { day: 1, part: 'morning' }],
  [/\bmañana por la (?:tarde|noche)\b|\ba la tarde siguiente\b/giu, { day: 1, part: 'later' }],
  [/\bal día siguiente\b/giu, { day: 1 }],
  [/\banoche\b|\bayer por la (?:tarde|noche)\b/giu, { day: -1, part: 'later' }],
  [/\bayer por la mañana\b/giu, { day: -1, part: 'morning' }],
  [/\b(?:por la|esa|esta|aquella) mañana\b/giu, { day: 0, part: 'morning' }],
  [/\b(?:por la|esa|esta|aquella) tarde\b/giu, { day: 0, part: 'later' }],
  [/\b(?:por la|esa|esta|aquella) noche\b/giu, { day: 0, part: 'night' }],
]

const HINTS: Readonly<Record<LanguageId, Hints>> = inEach({ en: ENGLISH, de: GERMAN, fr: FRENCH, es: SPANISH })

/** All such words of a text in their order; of two that overlap the longer one, which is listed first. */
function dayHints(text: string, language: LanguageId): DayHint[] {
  const found: DayHint[] = []
  for (const [pattern, means] of HINTS[language])
    for (const match of text.matchAll(pattern)) {
      const [from, to] = [match.index, match.index + match[0].length]
      if (!found.some((hint) => hint.from < to && from < hint.to)) found.push({ from, to, ...means })
    }
  return found.sort((a, b) => a.from - b.from)
}

/**
 * The hint that holds for each time: one that follows it at once, as in "at seven the next morning", or the last one
 * between the time before and it. Words that are part of a time itself ("seven in the morning") are none.
 */
export function hintsFor<T extends { readonly from: number; readonly to: number }>(
  times: readonly T[],
  text: string,
  language: LanguageId,
): (DayHint | undefined)[] {
  const own = dayHints(text, language).filter((hint) => !times.some(({ from, to }) => hint.from < to && from < hint.to))
  const behind = (time: T | undefined) =>
    time && own.find((hint) => hint.from >= time.to && /^,? $/.test(text.slice(time.to, hint.from)))
  return times.map((time, i) => {
    const before = times[i - 1]
    const between = own.filter(
      (hint) => hint.to <= time.from && hint.from >= (before?.to ?? 0) && hint !== behind(before),
    )
    return behind(time) ?? between.pop()
  })
}
