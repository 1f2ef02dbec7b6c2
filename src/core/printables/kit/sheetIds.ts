/** The sheets that are drawn right on half a sheet of paper too. Apart from them, so that views that draw none know it. */
export const ON_HALF: readonly string[] = [
  'read-dials',
  'draw-hands',
  'one-hand-dials',
  'order-times',
  'true-false',
  'colour-zone',
  'draw-clock',
  'round-fives',
  'later-sooner',
  'rung-check',
]

/** Those that need a whole one. */
export const ON_WHOLE: readonly string[] = [
  'spot-same',
  'match-sheet',
  'number-line',
  'how-long',
  'work-back-sheet',
  'timetable',
  'which-first',
]
