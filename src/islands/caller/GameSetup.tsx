import { saidWithin } from '../../words/adult'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text, Title, UnstyledButton } from '@mantine/core'
import { IconPlayerPlay, IconPrinter } from '@tabler/icons-react'
import { attempt } from '../../core/errors'
import { GAME_IDS, type GameId, type GameOptions, games, loadFor, makeTimeline } from '../../core/movement'
import type { Overview } from '../../core/records'
import { capital } from '../../core/wording'
import { WaitingLines } from '../../ui/Waiting'
import { useWaiting } from '../../ui/outbox/useWaiting'
import { Cautions } from '../../ui/Cautions'
import { Back } from './Back'
import type { GameAddress } from './asked'
import type { KeptGame } from './keptGame'
import { type Started, useSetup } from './useSetup'
import { GameFields } from './GameFields'

interface GameSetupProps {
  readonly overview: Overview
  readonly asked: GameAddress
  readonly onStart: (started: Started) => void
  /** A game that was left half-way. */
  readonly left?: KeptGame
  readonly onGoOn: () => void
}

/** Which game, for whom, how long: everything usual is filled in, so that one tap starts it. */
export function GameSetup({ overview, asked, onStart, left, onGoOn }: GameSetupProps) {
  const { own, players, day, session, seed, game, setGame, wish, change, options } = useSetup(overview, asked)
  const { refusal } = attempt(() => makeTimeline(game, options, seed))
  const now = useWaiting()
  return (
    <Stack className="game-setup" gap="md">
      <WaitingLines now={now} />
      <Group justify="space-between">
        <Title order={1} size="h2">
          {[t`Play now`, ...(own ? [own.group.name] : []), ...(options.day && day ? [day.name] : [])].join(': ')}
        </Title>
        <Back search={asked.search} />
      </Group>
      {left && (
        <Group gap="sm">
          <Text>
            <Trans>{said(games[left.timeline.game].name)} was left half-way.</Trans>
          </Text>
          <Button variant="default" onClick={onGoOn}>{t`Go on with it`}</Button>
        </Group>
      )}
      <GameList game={game} onChoose={setGame} />
      <GameFields game={game} wish={wish} onChange={change} />
      {refusal ? (
        <Text role="alert" className="sheet sheet-attention">
          {capital(said(refusal.says))}.
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
          <Trans>Start {saidWithin(games[game].name)}</Trans>
        </Button>
        {!refusal && (
          <Button
            size="md"
            variant="default"
            component="a"
            href={cardHref(game, options, seed, options.day && day?.id)}
            target="_blank"
            leftSection={<IconPrinter size={18} />}
          >{t`On paper: the calls and all that is needed`}</Button>
        )}
      </Group>
      <Cautions ids={options.isSeated ? [] : games[game].cautions} />
    </Stack>
  )
}

/** Of the wording the language and the form are told. Names of children stand in no address. */
const NOT_CHOSEN = ['day', 'wording', 'weights', 'names']

/** On paper with these very options and this number, so that paper and screen are one game. */
function cardHref(game: GameId, options: GameOptions, seed: number, day?: string): string {
  const query = new URLSearchParams({ game, seed: String(seed), ...(day !== undefined && { day }) })
  for (const [name, value] of Object.entries(options))
    if (value !== undefined && !NOT_CHOSEN.includes(name)) query.set(name, String(value))
  query.set('language', options.wording.language)
  query.set('form', options.wording.form)
  for (const id of Object.keys(options.weights)) query.append('lean', id)
  return `/api/caller.pdf?${query}`
}

function GameList({ game, onChoose }: { game: GameId; onChoose: (game: GameId) => void }) {
  return (
    <div className="game-list" role="group" aria-label={t`Games`}>
      {GAME_IDS.map((id) => (
        <UnstyledButton
          key={id}
          className="sheet"
          aria-pressed={id === game}
          style={{ outline: id === game ? '3px solid var(--moss)' : undefined, padding: '10px 14px' }}
          onClick={() => onChoose(id)}
        >
          <Text fw={700}>{said(games[id].name)}</Text>
          <Text size="sm" className="quiet">
            {said(games[id].purpose)}
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
      <Trans>
        For {leastChildren} to {mostChildren} children.
      </Trans>{' '}
      {options.isSeated
        ? t`Everyone sits with room for their arms.`
        : t`Room of about ${room} by ${room} m for ${options.children}, with a clear floor.`}{' '}
      {isHard &&
        !options.isSeated &&
        t`Quick moving: ${load.hardAtOnce} s at a time, then at least as long easy, ${Math.round(load.hardInAll / 60)} minutes in all, water at the end.`}
    </Text>
  )
}
