import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { type GameId, type GameOptions, makeTimeline } from '../../core/movement'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import type { Shortcut } from '../../ui/ShortcutList'
import { overviewQuery } from '../../ui/queries'
import { CallerStage } from './CallerStage'
import { GameSetup } from './GameSetup'
import { type KeptGame, forgetGame, keptGame } from './keptGame'
import type { Player } from './useTaken'
import './caller.css'

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
      <Play />
    </App>
  )
}

/** A game that was left half-way goes on where it was; otherwise one is chosen. */
function Play() {
  const query = useQuery(overviewQuery)
  const [playing, setPlaying] = useState<KeptGame | undefined>(keptGame)
  const start = (game: GameId, options: GameOptions, players: readonly Player[]) => {
    const seed = Math.floor(Math.random() * 2 ** 31)
    setPlaying({ timeline: makeTimeline(game, options, seed), options, players })
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
  return <Loaded query={query}>{(overview) => <GameSetup overview={overview} onStart={start} />}</Loaded>
}
