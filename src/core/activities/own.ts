import { ownWords, told, asPart } from '../wording'
import { RefusedValue, requireInteger } from '../errors'
import { durationRange } from './duration'
import { type Activity, withTexts } from './types'

/** What an adult writes of an activity of one's own; its name stands beside it. */
export type OwnActivityBody = Omit<Activity<string>, 'id' | 'name' | 'onRung'>

export const MOST_OWN_STEPS = 10
/** Longer than this, no session holds it. */
const MOST_OWN_MINUTES = 120

/**
 * An activity of one's own as the planner takes it. Throws RefusedValue, naming the field, where its lengths or its
 * players contradict each other, where it suits no rung or no place, or where it takes longer than any session.
 */
export function ownActivity(id: string, name: string, body: OwnActivityBody): Activity {
  const { duration, players, rungs, places, steps, role } = body
  const { least, usual, most } = duration.rounds
  if (usual < least)
    throw new RefusedValue(told('duration.rounds.usual'), told('{0} or more, as the fewest are', least), usual)
  if (most < usual) throw new RefusedValue(told('duration.rounds.most'), told('{0} or more, as is usual', usual), most)
  requireInteger(told('players.least'), players.least, 1, 30)
  requireInteger(told('players.most'), players.most, players.least, 30)
  if (rungs.length === 0) throw new RefusedValue(told('rungs'), told('one step at least'), asPart(told('none')))
  if (places.length === 0) throw new RefusedValue(told('places'), told('one place at least'), asPart(told('none')))
  if (steps.length === 0) throw new RefusedValue(told('steps'), told('one line at least'), asPart(told('none')))
  if (role === 'check' || role === 'recall')
    throw new RefusedValue(told('role'), told('teach or break: what asks the children is the app’s own'), role)
  const activity = inOwnWords({ ...body, id, name })
  const shortest = durationRange(activity, players.least)
  if (shortest.least > MOST_OWN_MINUTES)
    throw new RefusedValue(
      told('duration'),
      told('so short that it takes {0} minutes at most', MOST_OWN_MINUTES),
      asPart(told('{0} minutes', shortest.least)),
    )
  return activity
}

/** An activity of one's own, as it is kept, with its words as they stand. */
export const inOwnWords = (activity: Activity<string>): Activity => withTexts(activity, ownWords)

/** What an activity has that can be changed in a copy of it, in the words in which it is shown. */
export function ownBodyOf(activity: Activity<string>): OwnActivityBody {
  const its = ['id', 'name', 'onRung']
  return Object.fromEntries(
    Object.entries(activity).filter(([field]) => !its.includes(field)),
  ) as unknown as OwnActivityBody
}

/** What a new activity of one's own starts from. */
export const EMPTY_OWN: OwnActivityBody = {
  stage: 'concrete',
  role: 'teach',
  rungs: [],
  energy: 'seated',
  places: ['table', 'floor'],
  players: { least: 1, most: 12 },
  duration: {
    setUpMinutes: 1,
    clearMinutes: 1,
    turnSeconds: 60,
    turns: 'together',
    rounds: { least: 4, usual: 6, most: 9 },
  },
  needs: [],
  prints: 'none',
  tableMode: 'show-clock',
  cautions: [],
  steps: [],
  say: '',
  lookFor: '',
  easier: '',
  harder: '',
}
