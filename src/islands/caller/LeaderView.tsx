import { t } from '@lingui/core/macro'
import { Text, Title } from '@mantine/core'
import { useEffect, useState } from 'react'
import { type Call, callAt, positionAt } from '../../core/movement'
import { useHere } from '../../ui/here'
import { Figure } from './Figure'
import { StagePicture } from './StagePicture'
import { KEY, type KeptGame, keptGame } from './keptGame'
import { nextInWords } from './nextInWords'

/** Often enough that the second screen follows the first as seen by a person. */
const TICK_MS = 100

/**
 * The leader's own screen: what is called now and how to stand for it. It follows the game that runs on this machine.
 */
export function LeaderView() {
  return useHere(() => true, false) && <Followed />
}

function Followed() {
  const [kept, setKept] = useState(keptGame)
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    // Another window of this browser writes the game whenever it starts, pauses or moves.
    const follow = ({ key }: StorageEvent) => (key === KEY || key === null ? setKept(keptGame()) : undefined)
    window.addEventListener('storage', follow)
    const timer = setInterval(() => setNow(Date.now()), TICK_MS)
    return () => {
      window.removeEventListener('storage', follow)
      clearInterval(timer)
    }
  }, [])
  if (!kept?.playing)
    return (
      <section className="caller caller-over" aria-label={t`The leader’s screen`}>
        <Title order={1}>{t`No game is running on this machine`}</Title>
        <Text>{t`Start one in another window: this screen then follows by itself.`}</Text>
      </section>
    )
  const { timeline, playing, options } = kept as KeptGame & { playing: NonNullable<KeptGame['playing']> }
  const place = callAt(timeline, positionAt(playing, now, timeline))
  const call = timeline.calls[place] as Call
  return (
    <section className="caller" aria-label={t`The leader’s screen`} data-kind={call.kind}>
      <div className="caller-picture">
        {call.shown.as === 'figure' ? (
          <Figure shown={call.shown} view="leader" />
        ) : (
          <StagePicture call={call} isSeated={options.isSeated} view="leader" />
        )}
      </div>
      <p className="caller-caption">{call.say}</p>
      <p className="caller-why">
        {call.shown.as === 'figure' ? t`This is how you stand, facing the children.` : (call.why ?? '')}{' '}
        {playing.isPaused && t`Paused.`}
      </p>
      <p className="caller-next">{nextInWords(timeline.calls[place + 1])}</p>
    </section>
  )
}
