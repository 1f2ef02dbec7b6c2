import { ANYWHERE, EVERY_RUNG, entry, together } from './kit'

export const STATIONS_ID = 'stations'

/**
 * Several activities at once, which teams go round. It stands in a plan like any other step, which says what is at its
 * stations; the planner never picks it by itself, since it needs somebody to say who is in which team.
 */
export const stationsActivity = entry({
  id: STATIONS_ID,
  name: 'Stations',
  stage: 'pictorial',
  rungs: EVERY_RUNG,
  energy: 'standing',
  places: ANYWHERE,
  players: { least: 2, most: 30 },
  duration: together(60, [8, 20, 90], 0),
  tableMode: 'timer',
  steps: [
    'Set out each station with what it needs before the children come.',
    'Each team begins at its own station. At your signal all leave it as they found it and move on.',
    'Go round once, so that every team has been everywhere.',
  ],
  say: 'When you hear the signal, tidy up and move on to the next one.',
  lookFor: 'Who goes on alone, and who waits for somebody to say it.',
  easier: 'Fewer stations, longer rounds.',
  harder: 'One of each team tells the next one what to do.',
})
