/* One name for one thing, in all that the interface says: which words are not said, in the code and on the screen. */

/** What is not said any more, and what is said instead. */
const NOT_SAID: readonly (readonly [RegExp, string])[] = [
  [/\brungs?\b/i, 'step'],
  [/\bconcrete\b|\bpictorial\b|\babstract\b/i, 'with things, with pictures, with words and figures'],
  [/\bfirm\b/i, 'secure'],
  [/\b(take|bring) (it|that|them) back\b|^As it was$/i, 'Undo'],
  [/^Take out\b|^Drop\b/, 'Remove'],
  [/take everything out|take a file in|\btaken in\b(?! this session)/i, 'Import, Export'],
  [/^Keep( it| this version)?$/, 'Save, Cancel or Lock'],
  [/^Helps\b|\bhelps on\b/i, 'Hints on the clock'],
  [/^Helped$/, 'I helped'],
  [/\bFetch\b/, 'What you need'],
  [/run sheet/i, 'Session plan'],
  [/\bKey: |\b(with|by|in) the key\b|^Keys,|\bthe keys\b/, 'Answers'],
  [/mistakes share|\bmisreadings?\b/i, 'the same mistake'],
  [/\bnumerals?\b/i, 'number'],
  [/^Growth$/, 'Progress'],
  [/Whichever tells most/, 'Let the app choose'],
  [/What is due/, 'Ask again'],
  [/hands are set$/, 'Done'],
  [/To the table$/, 'Start the session'],
  [/^Shelf\b/, 'More activities'],
  [/Pack for a group/, 'One version for each child'],
  [/^Comes back$/, 'Revision'],
  [/^Told in$/, 'Language'],
  [/thing in the way/, 'Obstacle'],
  [/hour chord|square to it/, 'string from hour to hour, at a right angle'],
  [/More than 1000 to 1/, 'almost certain'],
]

/** What of these texts is not said, and what is said instead. */
export const wrongIn = (texts: readonly string[]): string[] =>
  texts.flatMap((text) => NOT_SAID.filter(([word]) => word.test(text)).map(([, instead]) => `“${text}”: ${instead}`))
