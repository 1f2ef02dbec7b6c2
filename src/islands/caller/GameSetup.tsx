import { Button, Group, SimpleGrid, Stack, Switch, Text, Title, UnstyledButton } from '@mantine/core'
import { IconPlayerPlay, IconPrinter } from '@tabler/icons-react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Day } from '../../core/days'
import { attempt } from '../../core/errors'
import {
  GAME_IDS,
  type GameId,
  type GameOptions,
  USUAL_GAME,
  capital,
  games,
  loadFor,
  makeTimeline,
} from '../../core/movement'
import { type Kept, type Overview, wordingOf } from '../../core/records'
import { leaningOn } from '../../core/knowing'
import { type RungId, hasDialTimes, rungs } from '../../core/teaching'
import { WaitingLines } from '../../ui/Waiting'
import { useWaiting } from '../../ui/outbox/useWaiting'
import { Cautions } from '../../ui/Cautions'
import { Choice } from '../../ui/Choice'
import { api } from '../../ui/api'
import { Back } from './Back'
import type { KeptGame } from './keptGame'
import { NumberField } from '../../ui/NumberField'

/** Values as they are typed: a number, or the text that is no number yet. */
type Typed = number | string

interface Wish {
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
  readonly think: Pace
  readonly wrong: GameOptions['wrong']
}

/** What was chosen to be played. */
export interface Started extends Pick<KeptGame, 'options' | 'players' | 'sessionId'> {
  readonly game: GameId
  readonly seed: number
}

const optional = (value: Typed) => (value === '' ? undefined : numberOf(value))
const numberOf = (value: Typed) => (typeof value === 'number' ? value : NaN)

const HARDER = ['Much easier', 'Easier', 'As usual', 'Harder', 'Much harder']
const PACES = { '15': '15 seconds', '25': '25 seconds', '40': '40 seconds', none: 'As long as I like' } as const
type Pace = keyof typeof PACES

const RUNGS = rungs
  .filter(({ id }) => hasDialTimes(id) && id !== 'fives')
  .map(({ id, name }) => ({ value: id, label: name }))

/** What the address asks for: a group, a game, and what a step of a session has set. Anything else is as usual. */
function wishOf(search: string) {
  const query = new URLSearchParams(search)
  const minutes = Number(query.get('minutes'))
  return {
    group: query.get('group'),
    session: query.get('session') ?? undefined,
    game: GAME_IDS.find((id) => id === query.get('game')) ?? 'arms-as-hands',
    rung: RUNGS.find(({ value }) => value === query.get('rung'))?.value,
    minutes: minutes > 0 ? minutes : undefined,
    day: query.get('day'),
  }
}

type Children = Overview['groups'][number]['children']

/** The youngest age that is known. */
function youngest(children: Children = []): number | undefined {
  const ages = children.flatMap(({ age }) => age ?? [])
  return ages.length === 0 ? undefined : Math.min(...ages)
}

/** What the adult chose so far, and what is usual for the rest. */
function useSetup(overview: Overview) {
  const [asked] = useState(() => wishOf(location.search))
  const own = overview.groups.find(({ group }) => group.id === asked.group)
  const [game, setGame] = useState<GameId>(asked.game)
  const [wish, setWish] = useState<Wish>(() => ({
    minutes: asked.minutes ?? USUAL_GAME.minutes,
    children: own?.children.length || USUAL_GAME.children,
    age: youngest(own?.children) ?? 6,
    lapMetres: USUAL_GAME.lapMetres,
    mostMetres: '',
    roomMetres: '',
    facing: USUAL_GAME.facing,
    rung: asked.rung ?? (own?.next ?? own?.last)?.plan.rung ?? 'oclock',
    isSeated: false,
    harder: 0,
    think: '25',
    wrong: USUAL_GAME.wrong,
    number: 1 + Math.floor(Math.random() * 9999),
  }))
  const { minutes, children, age, lapMetres, mostMetres, roomMetres, think, number, ...chosen } = wish
  const players = own?.children ?? []
  const day = useQuery({
    queryKey: ['day', asked.day],
    enabled: asked.day !== null,
    queryFn: () => api.get<Kept<Day>>(`/api/days/${asked.day}`),
  }).data
  const options: GameOptions = {
    ...USUAL_GAME,
    ...chosen,
    wording: wordingOf(overview.settings),
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
  const change = (part: Partial<Wish>) => setWish({ ...wish, ...part })
  return { own, players, day, session: asked.session, seed: numberOf(number), game, setGame, wish, change, options }
}

interface GameSetupProps {
  readonly overview: Overview
  readonly onStart: (started: Started) => void
  /** A game that was left half-way. */
  readonly left?: KeptGame
  readonly onGoOn: () => void
}

/** Which game, for whom, how long: everything usual is filled in, so that one tap starts it. */
export function GameSetup({ overview, onStart, left, onGoOn }: GameSetupProps) {
  const { own, players, day, session, seed, game, setGame, wish, change, options } = useSetup(overview)
  const { refusal } = attempt(() => makeTimeline(game, options, seed))
  const now = useWaiting()
  return (
    <Stack className="game-setup" gap="md">
      <WaitingLines now={now} />
      <Group justify="space-between">
        <Title order={1} size="h2">
          Play now{own ? `: ${own.group.name}` : ''}
          {options.day && day ? `: ${day.name}` : ''}
        </Title>
        <Back />
      </Group>
      {left && (
        <Group gap="sm">
          <Text>{games[left.timeline.game].name} was left half-way.</Text>
          <Button variant="default" onClick={onGoOn}>
            Go on with it
          </Button>
        </Group>
      )}
      <GameList game={game} onChoose={setGame} />
      <GameFields game={game} wish={wish} onChange={change} />
      {refusal ? (
        <Text role="alert" className="sheet sheet-attention">
          {capital(refusal.message)}.
        </Text>
      ) : (
        <Told game={game} options={options} />
      )}
      <Group>
        <Button
          size="xl"
          disabled={refusal !== undefined}
          leftSection={<IconPlayerPlay />}
          onClick={() =>
            onStart({ game, seed, options, players: players.map(({ id, name }) => ({ id, name })), sessionId: session })
          }
        >
          Start {games[game].name.toLowerCase()}
        </Button>
        {!refusal && (
          <Button
            size="md"
            variant="default"
            component="a"
            href={cardHref(game, options, seed, options.day && day?.id)}
            target="_blank"
            leftSection={<IconPrinter size={18} />}
          >
            On paper: the calls and all that is needed
          </Button>
        )}
      </Group>
      <Cautions ids={options.isSeated ? [] : games[game].cautions} />
    </Stack>
  )
}

const WRONG = [
  { value: 'everyone', label: 'Everyone moves' },
  { value: 'again', label: 'Who was wrong moves' },
] as const

const FACINGS = [
  { value: 'twelve', label: 'They face 12' },
  { value: 'six', label: 'They face 6' },
] as const

interface FieldsProps {
  readonly game: GameId
  readonly wish: Wish
  readonly onChange: (part: Partial<Wish>) => void
}

function GameFields({ game, wish, onChange }: FieldsProps) {
  const field = (name: 'minutes' | 'children' | 'age' | 'lapMetres' | 'mostMetres' | 'roomMetres' | 'number') => ({
    value: wish[name],
    onChange: (value: Typed) => onChange({ [name]: value }),
    keepsOutside: true,
  })
  return (
    <>
      <SimpleGrid cols={{ base: 2, sm: 3, md: 6 }} spacing="sm">
        <NumberField decimals={2} label="Minutes" {...field('minutes')} />
        <NumberField decimals={2} label="Children" {...field('children')} />
        <NumberField decimals={2} label="Age of the youngest" placeholder="not known" {...field('age')} />
        <NumberField label="Room across (m)" placeholder="not told" decimals={1} {...field('roomMetres')} />
        <Choice label="Times" value={wish.rung} onChange={(rung) => onChange({ rung })} data={RUNGS} />
        <Choice
          label="How hard"
          value={String(wish.harder)}
          onChange={(value) => onChange({ harder: Number(value) })}
          data={HARDER.map((label, i) => ({ value: String(i - 2), label }))}
        />
        {games[game].takes.includes('think') && (
          <Choice
            label="Time to think"
            value={wish.think}
            onChange={(think) => onChange({ think })}
            data={(Object.keys(PACES) as Pace[]).map((value) => ({ value, label: PACES[value] }))}
          />
        )}
        {games[game].takes.includes('wrong') && (
          <Choice label="After the answer" value={wish.wrong} onChange={(wrong) => onChange({ wrong })} data={WRONG} />
        )}
        {games[game].takes.includes('lapMetres') && (
          <NumberField label="Metres between marks" decimals={1} {...field('lapMetres')} />
        )}
        {games[game].takes.includes('mostMetres') && (
          <NumberField decimals={2} label="Most metres in all" placeholder="by age" {...field('mostMetres')} />
        )}
        {games[game].takes.includes('facing') && (
          <Choice
            label="Straight ahead"
            value={wish.facing}
            onChange={(facing) => onChange({ facing })}
            data={FACINGS}
          />
        )}
        <NumberField decimals={2} label="Game number" {...field('number')} />
      </SimpleGrid>
      <Switch
        label="Seated: arms only, nothing to run"
        checked={wish.isSeated}
        onChange={(event) => onChange({ isSeated: event.currentTarget.checked })}
      />
    </>
  )
}

/** The house rules set the wording. Names of children stand in no address. */
const NOT_CHOSEN = ['day', 'wording', 'weights', 'names']

/** On paper with these very options and this number, so that paper and screen are one game. */
function cardHref(game: GameId, options: GameOptions, seed: number, day?: string): string {
  const query = new URLSearchParams({ game, seed: String(seed), ...(day !== undefined && { day }) })
  for (const [name, value] of Object.entries(options))
    if (value !== undefined && !NOT_CHOSEN.includes(name)) query.set(name, String(value))
  for (const id of Object.keys(options.weights)) query.append('lean', id)
  return `/api/caller.pdf?${query}`
}

function GameList({ game, onChoose }: { game: GameId; onChoose: (game: GameId) => void }) {
  return (
    <div className="game-list" role="group" aria-label="Games">
      {GAME_IDS.map((id) => (
        <UnstyledButton
          key={id}
          className="sheet"
          aria-pressed={id === game}
          style={{ outline: id === game ? '3px solid var(--moss)' : undefined, padding: '10px 14px' }}
          onClick={() => onChoose(id)}
        >
          <Text fw={700}>{games[id].name}</Text>
          <Text size="sm" className="quiet">
            {games[id].purpose}
          </Text>
        </UnstyledButton>
      ))}
    </div>
  )
}

/** The room and the load in words, so that nobody has to reckon. */
function Told({ game, options }: { game: GameId; options: GameOptions }) {
  const { roomFor, isHard, leastChildren, mostChildren } = games[game]
  const load = loadFor(options)
  const room = roomFor(options.children)
  return (
    <Text>
      For {leastChildren} to {mostChildren} children.{' '}
      {options.isSeated
        ? 'Everyone sits with room for their arms.'
        : `Room of about ${room} by ${room} m for ${options.children}, with a clear floor.`}
      {isHard && !options.isSeated
        ? ` Quick moving: ${load.hardAtOnce} s at a time, then at least as long easy, ${Math.round(load.hardInAll / 60)} minutes in all, water at the end.`
        : ''}
    </Text>
  )
}
