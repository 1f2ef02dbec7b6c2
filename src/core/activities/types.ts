import type { ActivityId } from '../ids'
import type { PrintableId } from '../printables'
import type { RungId, Stage } from '../teaching'
import type { CautionId } from '../make'
import type { GameId } from '../movement'
import type { Told } from '../wording'
import type { MaterialId } from './materials'

export type Place = 'table' | 'floor' | 'hall' | 'outdoors'
export type Energy = 'seated' | 'standing' | 'moving'

/** How long an activity takes: setting up, rounds of play, clearing away. */
export interface DurationModel {
  readonly setUpMinutes: number
  readonly clearMinutes: number
  /** Of one turn. */
  readonly turnSeconds: number
  /** `together`: all have their turn at once; `in-turn`: one child after the other. */
  readonly turns: 'together' | 'in-turn'
  readonly rounds: { readonly least: number; readonly usual: number; readonly most: number }
}

export interface Need {
  readonly material: MaterialId
  readonly amount: number
  readonly per: 'child' | 'group'
}

/** What is used of the app while it runs. */
export type TableMode = 'show-clock' | 'quick-check' | 'all-at-once' | 'timer'

/**
 * Who leads an activity while it runs: an adult who calls, shows or asks; a child with the cards; nobody, where each has
 * a page or things of its own.
 */
export const LEADS = ['adult', 'child', 'nobody'] as const
export type Leads = (typeof LEADS)[number]

/**
 * What an activity says to the adult: told in the language of whoever reads it, or as a text of one language or of the
 * adult's own.
 */
export interface ActivityWords<Text = Told> {
  readonly name: Text
  /** What the adult does, in order. */
  readonly steps: readonly Text[]
  readonly say: Text
  readonly lookFor: Text
  /** The same, easier and harder, for children who are not at the group's rung. */
  readonly easier: Text
  readonly harder: Text
  /** What is different on a rung with one hand. */
  readonly onRung?: Partial<Record<RungId, Partial<WordsOnRung<Text>>>>
}

export type WordsOnRung<Text = Told> = Omit<ActivityWords<Text>, 'onRung'>

export interface Activity<Text = Told> extends ActivityWords<Text> {
  readonly id: ActivityId
  readonly stage: Stage
  /**
   * `break`: a movement break, outside the order of stages. `recall`: what is nearly known is asked again at the
   * beginning. `check`: the short check at the end.
   */
  readonly role: 'teach' | 'break' | 'recall' | 'check'
  readonly rungs: readonly RungId[]
  readonly energy: Energy
  readonly places: readonly Place[]
  readonly players: { readonly least: number; readonly most: number }
  /** Played in tables of at most so many, side by side; left out where all play together. */
  readonly tableOf?: number
  readonly duration: DurationModel
  readonly needs: readonly Need[]
  readonly prints: PrintableId | 'paper-clock' | 'none'
  readonly tableMode: TableMode
  /** The children write figures or words in it; left out, they say, lay, ring, colour or join. */
  readonly writes?: true
  /** Who leads it; left out, the adult does. */
  readonly leads?: Leads
  /** The caller's game that runs it. */
  readonly game?: GameId
  readonly cautions: readonly CautionId[]
}

/** The words of activities in one language. */
export type WordsByActivity = Readonly<Record<ActivityId, ActivityWords<string>>>

/** The words as they are on a rung: of one hand where one hand is read. */
export function wordsOn<Text>(words: ActivityWords<Text>, rung: RungId): ActivityWords<Text> {
  return { ...words, ...words.onRung?.[rung] }
}

/** An activity with each of its texts made into another kind. */
export function withTexts<From, To>(whole: Activity<From>, change: (text: From) => To): Activity<To> {
  const { name, say, lookFor, easier, harder, steps, onRung } = whole
  const changed = (words: Partial<WordsOnRung<From>>) =>
    Object.fromEntries(
      Object.entries(words).map(([field, text]) => [
        field,
        Array.isArray(text) ? text.map(change) : change(text as From),
      ]),
    ) as Partial<WordsOnRung<To>>
  const rungs = Object.entries(onRung ?? {}).map(([rung, words]) => [rung, changed(words)] as const)
  const words = changed({ name, say, lookFor, easier, harder, steps }) as WordsOnRung<To>
  return { ...whole, ...words, ...(onRung && { onRung: Object.fromEntries(rungs) }) } as Activity<To>
}
