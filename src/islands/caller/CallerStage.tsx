import { Button, Group, Switch, VisuallyHidden } from '@mantine/core'
import { type HotkeyItem, useHotkeys, useLocalStorage } from '@mantine/hooks'
import {
  IconArrowBackUp,
  IconChevronLeft,
  IconChevronRight,
  IconPlayerPause,
  IconPlayerPlay,
  IconPlus,
  IconVolume,
  IconVolumeOff,
} from '@tabler/icons-react'
import { useState } from 'react'
import { type Call, games } from '../../core/movement'
import { Figure, StagePicture } from './StagePicture'
import { Taking } from './Taking'
import { TimeRing } from './TimeRing'
import { backTo } from './Back'
import type { KeptGame } from './keptGame'
import { type Game, useGame } from './useGame'
import { type Sound, useVoice } from './useVoice'
import type { TakenAt } from './useTaken'
import { useWakeLock } from './useWakeLock'

const USUAL_SOUND: Sound = { isOn: true, rate: 0.9, volume: 1 }

/** The whole screen while a game runs: the picture, what is said, what comes next, and how long it still takes. */
export function CallerStage({ kept, onEnd }: { kept: KeptGame; onEnd: () => void }) {
  const game = useGame(kept)
  const { language } = kept.options.wording
  const [sound, setSound] = useLocalStorage<Sound>({ key: 'caller-sound', defaultValue: USUAL_SOUND })
  const [times, setTimes] = useState(0)
  const [isLed, setLed] = useLocalStorage({ key: 'caller-leader', defaultValue: false })
  const call = game.timeline.calls[game.call] as Call
  const next = game.timeline.calls[game.call + 1]
  const [isTaken, setTaken] = useLocalStorage({ key: 'caller-taking', defaultValue: false })
  const asked = lastChoice(game.timeline.calls, game.call)
  useVoice(game.isPaused || game.isOver ? undefined : call, language, sound, times)
  useWakeLock(!game.isPaused && !game.isOver)
  const repeat = () => {
    game.goTo(game.call)
    setTimes(times + 1)
  }
  const toggleSound = () => setSound({ ...sound, isOn: !sound.isOn })
  useKeys(game, repeat, toggleSound)
  if (game.isOver) return <Over onEnd={onEnd} onAgain={() => game.goTo(0)} say={call.say} />
  return (
    <section className="caller" aria-label="The game" data-kind={call.kind}>
      <VisuallyHidden component="h1">{games[game.timeline.game].name}</VisuallyHidden>
      <div className="caller-picture">
        <StagePicture call={call} isSeated={kept.options.isSeated} />
        {isLed && call.shown.as === 'figure' && (
          <aside className="caller-leader">
            <Figure shown={call.shown} view="leader" />
            <p>You, facing the children</p>
          </aside>
        )}
      </div>
      <p className="caller-caption" aria-live="polite" lang={language.slice(0, 2)}>
        {call.shown.as === 'words' ? '' : (call.caption ?? call.say)}
      </p>
      {call.why && <p className="caller-why">{call.why}</p>}
      {isTaken && asked && kept.players.length > 0 && (
        <Taking key={asked.place} {...asked} seed={game.timeline.seed} players={kept.players} />
      )}
      <Controls game={game} onRepeat={repeat} onEnd={onEnd}>
        <Button
          variant="default"
          size="lg"
          aria-pressed={sound.isOn}
          aria-label={sound.isOn ? 'Turn the sound off' : 'Turn the sound on'}
          onClick={toggleSound}
        >
          {sound.isOn ? <IconVolume /> : <IconVolumeOff />}
        </Button>
        {kept.players.length > 0 && asked && (
          <Switch label="Take answers" checked={isTaken} onChange={(event) => setTaken(event.currentTarget.checked)} />
        )}
        <Switch label="My own picture" checked={isLed} onChange={(event) => setLed(event.currentTarget.checked)} />
      </Controls>
      <p className="caller-next">{nextInWords(next)}</p>
    </section>
  )
}

function useKeys(game: Game, repeat: () => void, toggleSound: () => void): void {
  const keys: HotkeyItem[] = [
    ['space', game.toggle],
    ['ArrowRight', () => game.goTo(game.call + 1)],
    ['PageDown', () => game.goTo(game.call + 1)],
    ['ArrowLeft', () => game.goTo(game.call - 1)],
    ['PageUp', () => game.goTo(game.call - 1)],
    ['r', repeat],
    ['m', game.moment],
    ['s', toggleSound],
  ]
  // Nothing is typed here, so that keys work whatever was tapped last.
  useHotkeys(keys, [])
}

/** The last question with moves to choose from, up to a call: its answers can be taken until the next one. */
function lastChoice(calls: readonly Call[], upTo: number): Pick<TakenAt, 'call' | 'place'> | undefined {
  const isChoice = (call: Call | undefined): call is TakenAt['call'] =>
    call?.item !== undefined && call.shown.as === 'choices'
  const place = calls.findLastIndex((call, i) => i <= upTo && isChoice(call))
  const call = calls[place]
  return isChoice(call) ? { call, place } : undefined
}

/** What comes next, for the adult at the edge; an answer is not told before its time. */
function nextInWords(next: Call | undefined): string {
  if (!next) return 'This is the last one.'
  return next.kind === 'answer' || next.kind === 'reason' ? 'Next: the answer' : `Next: ${next.say}`
}

interface ControlsProps {
  readonly game: Game
  readonly onRepeat: () => void
  readonly onEnd: () => void
  readonly children: React.ReactNode
}

/** Everything that can be tapped, 56 px high at least. */
function Controls({ game, onRepeat, onEnd, children }: ControlsProps) {
  return (
    <Group className="caller-controls" gap="sm" justify="center">
      <TimeRing seconds={game.position} of={game.timeline.seconds} />
      <Button size="lg" variant="default" aria-label="The call before" onClick={() => game.goTo(game.call - 1)}>
        <IconChevronLeft />
      </Button>
      <Button
        size="lg"
        w={150}
        onClick={game.toggle}
        leftSection={game.isPaused ? <IconPlayerPlay /> : <IconPlayerPause />}
      >
        {game.isPaused ? 'Go on' : 'Pause'}
      </Button>
      <Button size="lg" variant="default" aria-label="The next call" onClick={() => game.goTo(game.call + 1)}>
        <IconChevronRight />
      </Button>
      <Button size="lg" variant="default" onClick={onRepeat} leftSection={<IconArrowBackUp />}>
        Again
      </Button>
      <Button size="lg" variant="default" onClick={game.moment} leftSection={<IconPlus />}>
        A moment more
      </Button>
      {children}
      <Button size="lg" variant="subtle" onClick={onEnd}>
        End the game
      </Button>
    </Group>
  )
}

function Over({ onEnd, onAgain, say }: { onEnd: () => void; onAgain: () => void; say: string }) {
  return (
    <section className="caller caller-over" aria-label="The game">
      <p className="stage-words">{say}</p>
      <Group justify="center" gap="md">
        <Button size="lg" onClick={onEnd}>
          Done: choose another game
        </Button>
        <Button size="lg" variant="default" onClick={onAgain}>
          The same once more
        </Button>
        <Button size="lg" variant="default" component="a" href={backTo().href}>
          {backTo().label}
        </Button>
      </Group>
    </section>
  )
}
