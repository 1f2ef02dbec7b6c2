import { t } from '@lingui/core/macro'
import { Button, Group } from '@mantine/core'
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
import { TimeRing } from './TimeRing'
import { backTo } from './Back'
import type { RunningGame } from './useGame'

export function SoundButton({ isOn, onToggle }: { isOn: boolean; onToggle: () => void }) {
  return (
    <Button
      variant="default"
      size="lg"
      aria-pressed={isOn}
      aria-label={isOn ? t`Turn the sound off` : t`Turn the sound on`}
      onClick={onToggle}
    >
      {isOn ? <IconVolume /> : <IconVolumeOff />}
    </Button>
  )
}

interface ControlsProps {
  readonly game: RunningGame
  readonly isTimed: boolean
  readonly onRepeat: () => void
  readonly onEnd: () => void
  readonly children: React.ReactNode
}

/** Everything that can be tapped, 56 px high at least. */
export function Controls({ game, isTimed, onRepeat, onEnd, children }: ControlsProps) {
  return (
    <Group className="caller-controls" gap="sm" justify="center">
      <TimeRing seconds={game.position} of={game.timeline.seconds} isTimed={isTimed} />
      <Button size="lg" variant="default" aria-label={t`The call before`} onClick={() => game.goTo(game.call - 1)}>
        <IconChevronLeft />
      </Button>
      <Button
        size="lg"
        w={150}
        onClick={game.toggle}
        leftSection={game.isPaused ? <IconPlayerPlay /> : <IconPlayerPause />}
      >
        {game.isPaused ? t`Go on` : t`Pause`}
      </Button>
      <Button size="lg" variant="default" aria-label={t`The next call`} onClick={() => game.goTo(game.call + 1)}>
        <IconChevronRight />
      </Button>
      <Button size="lg" variant="default" onClick={onRepeat} leftSection={<IconArrowBackUp />}>{t`Again`}</Button>
      <Button size="lg" variant="default" onClick={game.moment} leftSection={<IconPlus />}>{t`A moment more`}</Button>
      {children}
      <Button size="lg" variant="subtle" onClick={onEnd}>{t`End the game`}</Button>
    </Group>
  )
}

export function Over({ onEnd, onAgain, say }: { onEnd: () => void; onAgain: () => void; say: string }) {
  const back = backTo(location.search)
  return (
    <section className="caller caller-over" aria-label={t`The game`}>
      <p className="stage-words">{say}</p>
      <Group justify="center" gap="md">
        <Button size="lg" onClick={onEnd}>{t`Done: choose another game`}</Button>
        <Button size="lg" variant="default" onClick={onAgain}>{t`The same once more`}</Button>
        <Button size="lg" variant="default" component="a" href={back.href}>
          {back.label}
        </Button>
      </Group>
    </section>
  )
}
