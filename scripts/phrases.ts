import { activityWords, catalogue } from '../src/core/activities'
import type { RungId } from '../src/core/teaching'
import { PRINTED_NAMES } from '../tests/printedNames'
import {
  LANGUAGE_IDS,
  PRINTED,
  type LanguageId,
  type Phrases,
  type Wording,
  languages,
  nameIn,
  printedAs,
  say,
  sayDuration,
  told,
} from '../src/core/wording'

/* Every phrase of every language in one list, filled in as it is printed, to be read by someone who speaks it. */

const TIMES = [0, 60, 255, 270, 285, 395, 720, 965]
const FORMS = ['turns', 'minutes-past', 'digital', 'day-24'] as const

/** Phrases that are made of something: what they are made of, as the app fills it in. */
function filledIn(phrases: Phrases, id: LanguageId): [string, string][] {
  const wording: Wording = { language: id, form: 'turns' }
  const [time, digital] = [say(285, wording), say(270, { ...wording, form: 'digital' })]
  const doing = phrases.doings.story
  return [
    ['showMe', phrases.showMe(time)],
    ['hourHandOff, behind', phrases.hourHandOff.behind(time, '12')],
    ['hourHandOff, ahead', phrases.hourHandOff.ahead(time, '12')],
    ['hourHandOff, leftOn', phrases.hourHandOff.leftOn(time, 6, '27')],
    ['showMe, at one', phrases.showMe(say(60, wording))],
    ['roundTo', phrases.roundTo(5)],
    ['later', phrases.later(sayDuration(80))],
    ['sooner', phrases.sooner(sayDuration(20))],
    ['howLong', phrases.howLong(digital, say(470, { ...wording, form: 'digital' }))],
    ['startWhen', phrases.startWhen(digital, [12, 8, 20].map(sayDuration))],
    ['whichHalf', phrases.whichHalf(doing)],
    ['write24, morning', phrases.write24(languages[id].dayPart(480))],
    ['write24, evening', phrases.write24(languages[id].dayPart(1200))],
    ['whoHas', phrases.whoHas(time)],
    ['laterBy', phrases.laterBy(sayDuration(35))],
    ['soonerBy', phrases.soonerBy(sayDuration(35))],
    ['whenIs', phrases.whenIs(doing)],
    ['stillHour', phrases.stillHour(10)],
    ['doneBy', `${phrases.doneBy} ${digital}`],
  ]
}

function linesOf(id: LanguageId): string[] {
  const { phrases, sayAbout, sayMinutes, dayPart, noon, midnight } = languages[id]
  const wording: Wording = { language: id, form: 'turns' }
  const plain = Object.entries(phrases).flatMap(([name, value]): [string, string][] => {
    if (typeof value === 'string') return [[name, value]]
    return typeof value === 'object'
      ? Object.entries(value as object).flatMap(([k, v]: [string, unknown]): [string, string][] =>
          typeof v === 'string' ? [[`${name}.${k}`, v]] : [],
        )
      : []
  })
  const activities = catalogue.flatMap((activity) => {
    const told = [undefined, ...Object.keys(activity.onRung ?? {})].map((rung) =>
      activityWords(activity, id, (rung ?? activity.rungs.at(-1)) as RungId),
    )
    const texts = told.flatMap(({ name, steps, say: said, lookFor, easier, harder }) => [
      name,
      ...steps,
      said,
      lookFor,
      easier,
      harder,
    ])
    return [...new Set(texts)]
  })
  return [
    ...FORMS.map((form) => `${form}: ${TIMES.map((minute) => say(minute, { ...wording, form })).join(' | ')}`),
    `with the part of the day: ${TIMES.map((minute) => say(minute, { ...wording, options: { dayHalf: true } })).join(' | ')}`,
    `parts of the day: ${[0, 120, 420, 600, 780, 1020, 1260].map((minute) => dayPart(minute)).join(' | ')}; ${noon}, ${midnight}`,
    `hour hand alone: ${[60, 70, 90, 110, 240, 250, 270, 290].map((minute) => sayAbout(minute)).join(' | ')}`,
    `counts: ${[0, 1, 5, 60].map((minutes) => sayMinutes(minutes)).join(' | ')}`,
    ...[...plain, ...filledIn(phrases, id)].map(([name, said]) => `${name}: ${said}`),
    ...PRINTED.map((phrase) => printedAs(phrase, wording, 'AAA', 'BBB', 'CCC', 'DDD')),
    ...activities,
    ...PRINTED_NAMES.map((name) => `${name}: ${nameIn(wording, told(name))}`),
  ]
}

const wanted = process.argv[2] as LanguageId | undefined
for (const id of LANGUAGE_IDS.filter((each) => !wanted || each === wanted)) {
  console.log(`\n${languages[id].name} (${id})`)
  for (const line of linesOf(id)) console.log(`  ${line}`)
}
