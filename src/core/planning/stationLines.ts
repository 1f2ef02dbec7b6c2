import { activityOf, activityWords } from '../activities'
import { type MinuteOfDay, shiftTime } from '../clock'
import { type Partner, suggestPairs } from '../knowing'
import { rungOf } from '../teaching'
import { type Wording, listInWords, nameIn, printedAs, say } from '../wording'
import { roundMinutes, roundStarts, stationAt } from './rounds'
import { rungAtStation } from './stationsFor'
import type { PlanStep, Station, Team } from './types'
import type { SessionRequest } from './request'

/** What a step with stations says to the adult. */
export interface StationLines {
  /** Who is in which team, and in which pairs. */
  readonly teams: readonly string[]
  /** When each round is, and which team is where. */
  readonly rounds: readonly string[]
  /** What is done at each station, and with whom. */
  readonly stations: readonly { readonly name: string; readonly steps: readonly string[]; readonly say: string }[]
}

const LED = { adult: 'with the adult', helper: 'with a helper', alone: 'by themselves' } as const

/** A team's children as partners. One who has left the group since is left out. */
function partnersIn({ childIds }: Team, { children }: Pick<SessionRequest, 'children'>): Partner[] {
  const there = childIds.flatMap((id) => children.find((child) => child.id === id) ?? [])
  return there.map(({ findings, ...child }) => ({ ...child, findings: findings.map(({ misreading }) => misreading) }))
}

/** The lines of a step with stations that begins at `start`; none for any other step. */
export function stationLines(
  step: PlanStep,
  start: MinuteOfDay,
  request: Pick<SessionRequest, 'children' | 'school'>,
  wording: Wording,
): StationLines {
  const { stations } = step
  if (!stations) return { teams: [], rounds: [], stations: [] }
  const { teams, list } = stations
  const clock = (minutes: number) =>
    say(shiftTime(start, minutes).minute, { language: wording.language, form: 'digital' })
  const nameOf = (id: string) => request.children.find((child) => child.id === id)?.name
  const named = (ids: readonly string[]) => ids.flatMap((id) => nameOf(id) ?? [])
  const stationName = (station: Station) => activityWords(activityOf(station), wording.language, step.rung).name
  return {
    teams: teams.flatMap((team, i) => {
      const who = listInWords(named(team.childIds), wording)
      const pairs = suggestPairs(partnersIn(team, request)).map((pair) => listInWords(named(pair), wording))
      const line = printedAs('Team {0} ({1}): {2}', wording, i + 1, nameIn(wording, rungOf(team.rung).name), who)
      return pairs.length > 1 ? [line, printedAs('In pairs: {0}', wording, pairs.join('; '))] : [line]
    }),
    rounds: roundStarts(step).map((from, round) => {
      const places = teams.map((_, team) => {
        const station = list[stationAt(stations, team, round)]
        return printedAs(
          '{0}: {1}',
          wording,
          printedAs('team {0}', wording, team + 1),
          station ? stationName(station) : '',
        )
      })
      return printedAs(
        'Round {0}, {1} to {2}: {3}',
        wording,
        round + 1,
        clock(from),
        clock(from + roundMinutes(step)),
        places.join('; '),
      )
    }),
    stations: list.map((station) => {
      const activity = activityOf(station)
      // The words are those of the rung that the first team has there.
      const rung = teams[0] ? rungAtStation(activity, teams[0].rung, request.school) : undefined
      const words = activityWords(activity, wording.language, rung ?? step.rung)
      return {
        name: `${words.name} (${printedAs(LED[station.led], wording)})`,
        steps: words.steps,
        say: printedAs('Say: “{0}”', wording, words.say),
      }
    }),
  }
}
