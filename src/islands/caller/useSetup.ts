import { told } from '../../core/wording'
import { useQuery } from '@tanstack/react-query'
import type { Day } from '../../core/days'
import { type GameId, type GameOptions, USUAL_GAME } from '../../core/movement'
import {
  type Group,
  type Kept,
  type Overview,
  type Settings,
  rulesFor,
  rulesForDay,
  wordingOf,
} from '../../core/records'
import { leaningOn } from '../../core/knowing'
import type { RungId } from '../../core/teaching'
import { api } from '../../ui/api'
import { putInAddress, useAddress } from '../../ui/address'
import { type GameAddress, CALLED_RUNGS, wishOf } from './asked'
import type { KeptGame } from './keptGame'

/** Values as they are typed: a number, or the text that is no number yet. */
export type Typed = number | string

export interface GameWish {
  readonly minutes: Typed
  readonly children: Typed
  /** Empty where it is not known. */
  readonly age: Typed
  readonly lapMetres: Typed
  /** Empty where it is not told. */
  readonly mostMetres: Typed
  readonly roomMetres: Typed
  readonly facing: GameOptions['facing']
  /** The same number gives the same calls and cards, on the screen and on paper. */
  readonly number: Typed
  readonly rung: RungId
  readonly isSeated: boolean
  readonly harder: number
  readonly think: CallPace
  readonly wrong: GameOptions['wrong']
}

/** What was chosen to be played. */
export interface Started extends Pick<KeptGame, 'options' | 'players' | 'sessionId'> {
  readonly game: GameId
  readonly seed: number
}

const optional = (value: Typed) => (value === '' ? undefined : numberOf(value))
const numberOf = (value: Typed) => (typeof value === 'number' ? value : NaN)

export const HARDER = [told('Much easier'), told('Easier'), told('As usual'), told('Harder'), told('Much harder')]
export const PACES = {
  '15': told('15 seconds'),
  '25': told('25 seconds'),
  '40': told('40 seconds'),
  none: told('As long as I like'),
} as const
export type CallPace = keyof typeof PACES

type Children = Overview['groups'][number]['children']

/** The youngest age that is known. */
function youngest(children: Children = []): number | undefined {
  const ages = children.flatMap(({ age }) => age ?? [])
  return ages.length === 0 ? undefined : Math.min(...ages)
}

/** The rules of the group that plays: the one that is named, or else the only one there is, or whom the day is for. */
function rulesOfGame({ groups, settings }: Overview, group?: Group, day?: Day): Settings {
  const [only, ...others] = groups
  if (group) return rulesFor(settings, group)
  if (day)
    return rulesForDay(
      settings,
      groups.map((each) => each.group),
      day.whose,
    )
  return only && others.length === 0 ? rulesFor(settings, only.group) : settings
}

const FACINGS = ['twelve', 'six'] as const
const WRONGS = ['everyone', 'again'] as const
const asTyped = (text: string): Typed => (/^\d+(\.\d+)?$/.test(text) ? Number(text) : text)
const oneOf =
  <V extends string | number>(values: readonly V[]) =>
  (text: string): V | undefined =>
    values.find((value) => String(value) === text)

/** How each field of a wish is read from the address; what it cannot be is left as usual. */
const READ: { readonly [Field in keyof GameWish]: (text: string) => GameWish[Field] | undefined } = {
  minutes: asTyped,
  children: asTyped,
  age: asTyped,
  lapMetres: asTyped,
  mostMetres: asTyped,
  roomMetres: asTyped,
  number: asTyped,
  facing: oneOf(FACINGS),
  rung: oneOf(CALLED_RUNGS.map(({ id }) => id)),
  isSeated: (text) => text === 'true',
  harder: oneOf(HARDER.map((_, i) => i - 2)),
  think: oneOf(Object.keys(PACES) as CallPace[]),
  wrong: oneOf(WRONGS),
}
const FIELDS = Object.keys(READ) as (keyof GameWish)[]
/** What is typed letter by letter: Back does not go over each of them. */
const TYPED: ReadonlySet<string> = new Set(FIELDS.filter((field) => READ[field] === asTyped))

function inAddress(address: URLSearchParams): Partial<GameWish> {
  const entries = FIELDS.flatMap((field) => {
    const text = address.get(field)
    const value = text === null ? undefined : READ[field](text)
    return value === undefined ? [] : [[field, value]]
  })
  return Object.fromEntries(entries) as Partial<GameWish>
}

/** What the adult chose so far, and what is usual for the rest. */
export function useSetup(overview: Overview, page: GameAddress) {
  const address = useAddress()
  const asked = wishOf(address)
  const own = overview.groups.find(({ group }) => group.id === asked.group)
  const { game } = asked
  const usual: GameWish = {
    minutes: USUAL_GAME.minutes,
    children: own?.children.length || USUAL_GAME.children,
    age: youngest(own?.children) ?? 6,
    lapMetres: USUAL_GAME.lapMetres,
    mostMetres: '',
    roomMetres: '',
    facing: USUAL_GAME.facing,
    rung: (own?.next ?? own?.last)?.plan.rung ?? 'oclock',
    isSeated: false,
    harder: 0,
    think: '25',
    wrong: USUAL_GAME.wrong,
    number: page.number,
  }
  const wish: GameWish = { ...usual, ...inAddress(address) }
  const { minutes, children, age, lapMetres, mostMetres, roomMetres, think, number, ...chosen } = wish
  const players = own?.children ?? []
  const day = useQuery({
    queryKey: ['day', asked.day],
    enabled: asked.day !== null,
    queryFn: () => api.get<Kept<Day>>(`/api/days/${asked.day}`),
  }).data
  const rules = rulesOfGame(overview, own?.group, day?.body)
  const options: GameOptions = {
    ...USUAL_GAME,
    ...chosen,
    wording: wordingOf(rules),
    minutes: numberOf(minutes),
    children: numberOf(children),
    age: optional(age),
    lapMetres: numberOf(lapMetres),
    mostMetres: optional(mostMetres),
    roomMetres: optional(roomMetres),
    names: players.map(({ name }) => name),
    day: game === 'jump-the-day' ? day?.body.rows : undefined,
    weights: leaningOn(players.flatMap(({ findings }) => findings.map(({ misreading }) => misreading))),
    think: think === 'none' ? 'none' : (Number(think) as 15 | 25 | 40),
  }
  const change = (part: Partial<GameWish>) =>
    putInAddress(
      Object.fromEntries(
        Object.entries(part).map(([field, value]) => [
          field,
          value === usual[field as keyof GameWish] ? null : String(value),
        ]),
      ),
      Object.keys(part).some((field) => TYPED.has(field)) ? 'replace' : 'push',
    )
  const setGame = (next: GameId) => putInAddress({ game: next })
  return { own, players, day, session: asked.session, seed: numberOf(number), game, setGame, wish, change, options }
}
