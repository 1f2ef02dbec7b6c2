import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { makeTimeline } from '../../core/movement'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import type { Shortcut } from '../../ui/ShortcutList'
import { useFetchLater } from '../../ui/later'
import { overviewQuery } from '../../ui/queries'
import { CallerStage, soundMenu } from './CallerStage'
import { GameSetup } from './GameSetup'
import { type Started } from './useSetup'
import { LeaderView } from './LeaderView'
import { type KeptGame, forgetGame, keptGame } from './keptGame'
import './caller.css'

const LATER = [soundMenu]

const SHORTCUTS: readonly Shortcut[] = [
  { keys: 'Space', does: 'pause, and go on' },
  { keys: '→ or Page Down', does: 'the next call' },
  { keys: '← or Page Up', does: 'the call before' },
  { keys: 'R', does: 'say it again' },
  { keys: 'M', does: 'ten seconds more for this call' },
  { keys: 'S', does: 'sound on or off' },
]

export default function PlayView({ state }: { state: string }) {
  return (
    <App state={state} shortcuts={SHORTCUTS}>
      {new URLSearchParams(location.search).get('view') === 'leader' ? <LeaderView /> : <Play />}
    </App>
  )
}

/** A game that was left goes on by itself, unless the address asks for another one. */
function isAskedFor({ timeline, sessionId }: KeptGame): boolean {
  const query = new URLSearchParams(location.search)
  const [game, session] = [query.get('game'), query.get('session')]
  return (game === null || game === timeline.game) && (session === null || session === sessionId)
}

/** A game that was left half-way goes on where it was; otherwise one is chosen. */
function Play() {
  const query = useQuery(overviewQuery)
  useFetchLater(LATER)
  const [left] = useState<KeptGame | undefined>(keptGame)
  const [playing, setPlaying] = useState(left && isAskedFor(left) ? left : undefined)
  const start = ({ game, seed, ...started }: Started) => {
    setPlaying({ timeline: makeTimeline(game, started.options, seed), ...started })
  }
  const end = () => {
    forgetGame()
    setPlaying(undefined)
  }
  if (playing)
    return (
      <ErrorBoundary what="The game">
        <CallerStage kept={playing} onEnd={end} />
      </ErrorBoundary>
    )
  return (
    <Loaded query={query}>
      {(overview) => (
        <GameSetup
          overview={overview}
          onStart={start}
          left={left && keptGame()}
          onGoOn={() => setPlaying(keptGame())}
        />
      )}
    </Loaded>
  )
}
