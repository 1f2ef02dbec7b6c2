import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, Switch, VisuallyHidden } from '@mantine/core'
import { type HotkeyItem, useHotkeys, useLocalStorage } from '@mantine/hooks'
import { useState } from 'react'
import { type Call, type GameOptions, games, lastAsked, shownAt, whoInWords } from '../../core/movement'
import { Waiting } from '../../ui/Waiting'
import { later } from '../../ui/later'
import { SessionWatch } from './SessionWatch'
import type { StageLook } from './SoundMenu'
import { Figure } from './Figure'
import { StagePicture } from './StagePicture'
import { Taking } from './Taking'
import type { KeptGame } from './keptGame'
import { nextInWords } from './nextInWords'
import { type RunningGame, useGame } from './useGame'
import { type Sound, useVoice } from './useVoice'
import type { TakenAt } from './useTaken'
import { useWakeLock } from './useWakeLock'
import { Controls, Over, SoundButton } from './StageControls'

/** It comes while a game is chosen (`PlayView`), so that no connection is needed in the middle of one. */
export const soundMenu = later(async () => (await import('./SoundMenu')).SoundMenu, <SoundMenuToCome />)

function SoundMenuToCome() {
  return <Button size="lg" variant="default" disabled aria-label={t`Voice and picture`} />
}

const USUAL_SOUND: Sound = { isOn: true, rate: 0.9, volume: 1 }
const USUAL_LOOK: StageLook = { isLed: false, isTimed: false }

/** The whole screen while a game runs: the picture, what is said, what comes next, and how long it still takes. */
export function CallerStage({ kept, onEnd }: { kept: KeptGame; onEnd: () => void }) {
  const game = useGame(kept)
  const { options, players, sessionId } = kept
  const { language } = options.wording
  const [sound, setSound] = useLocalStorage<Sound>({ key: 'caller-sound', defaultValue: USUAL_SOUND })
  const [times, setTimes] = useState(0)
  const [look, setLook] = useLocalStorage<StageLook>({ key: 'caller-look', defaultValue: USUAL_LOOK })
  const [isTaken, setTaken] = useLocalStorage({ key: 'caller-taking', defaultValue: false })
  const call = game.timeline.calls[game.call] as Call
  const asked = takenAt(game, options)
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
    <section className="caller" aria-label={t`The game`} data-kind={call.kind}>
      <VisuallyHidden component="h1">{said(games[game.timeline.game].name)}</VisuallyHidden>
      <div className="caller-picture">
        <StagePicture call={call} isSeated={options.isSeated} />
        {look.isLed && (call.shown.as === 'figure' || call.shown.as === 'place') && <Leading call={call} />}
      </div>
      {call.who && call.shown.as === 'walk' && <p className="caller-who">{whoInWords(call, options)}</p>}
      <p className="caller-caption" aria-live="polite" lang={language.slice(0, 2)}>
        {call.shown.as === 'words' ? '' : (call.caption ?? call.say)}
      </p>
      {call.why && <p className="caller-why">{call.why}</p>}
      {sessionId && <SessionWatch id={sessionId} />}
      <Waiting />
      {isTaken && asked && (
        <Taking key={asked.place} {...asked} seed={game.timeline.seed} players={players} sessionId={sessionId} />
      )}
      <Controls game={game} isTimed={look.isTimed} onRepeat={repeat} onEnd={onEnd}>
        <SoundButton isOn={sound.isOn} onToggle={toggleSound} />
        <soundMenu.Part sound={sound} onSound={setSound} look={look} onLook={setLook} />
        {asked && (
          <Switch
            label={t`Take answers`}
            checked={isTaken}
            onChange={(event) => setTaken(event.currentTarget.checked)}
          />
        )}
      </Controls>
      <p className="caller-next">{nextInWords(game.timeline.calls[game.call + 1])}</p>
    </section>
  )
}

/** How the adult who faces the children stands, or sees the floor. */
function Leading({ call }: { call: Call }) {
  return (
    <aside className="caller-leader">
      {call.shown.as === 'figure' ? (
        <Figure shown={call.shown} view="leader" />
      ) : (
        <StagePicture call={call} isSeated={false} view="leader" />
      )}
      <p>{call.shown.as === 'figure' ? t`You, facing the children` : t`As you see it, facing them`}</p>
    </aside>
  )
}

function useKeys(game: RunningGame, repeat: () => void, toggleSound: () => void): void {
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

/** The call whose answers can be taken now, and what can be taken at it. */
function takenAt(
  { timeline, call }: RunningGame,
  options: GameOptions,
): Pick<TakenAt, 'call' | 'place' | 'shown'> | undefined {
  const place = lastAsked(timeline.calls, call)
  const asked = place === undefined ? undefined : timeline.calls[place]
  return asked && place !== undefined ? { call: asked, place, shown: shownAt(asked, options) } : undefined
}
