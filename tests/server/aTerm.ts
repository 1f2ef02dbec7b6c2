/** What is wished of a term, every Saturday for two months. */
export const A_TERM = {
  from: '2026-11-30',
  until: '2027-01-31',
  weekdays: [5],
  minutes: 30,
  homeMinutes: 0,
  goal: 'oclock',
  holidays: [],
  school: 'turns-first',
} as const
