import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { makeTimeline } from '../../core/movement'
import { App } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import type { Shortcut } from '../../ui/ShortcutList'
import { useFetchLater } from '../../ui/later'
import { useHere } from '../../ui/here'
import { overviewQuery } from '../../ui/queries'
import { CallerStage, soundMenu } from './CallerStage'
import { GameSetup } from './GameSetup'
import type { Started } from './useSetup'
import { LeaderView } from './LeaderView'
import { type GameAddress, askedHere, isAskedFor } from './asked'
import { type KeptGame, forgetGame, keptGame } from './keptGame'
import './caller.css'

const LATER = [soundMenu]

const SHORTCUTS: readonly Shortcut[] = [
  { keys: told('Space'), does: told('pause, and go on') },
  { keys: told('→ or Page Down'), does: told('the next call') },
  { keys: told('← or Page Up'), does: told('the call before') },
  { keys: told('R'), does: told('say it again') },
  { keys: told('M'), does: told('ten seconds more for this call') },
  { keys: told('S'), does: told('sound on or off') },
]

/** `page` is what the page was asked for. */
export default function PlayView({ state, page }: { state: string; page: GameAddress }) {
  return (
    <App state={state} search={page.search} shortcuts={SHORTCUTS}>
      <AskedView page={page} />
    </App>
  )
}

function AskedView({ page }: { page: GameAddress }) {
  const asked = useHere(() => askedHere(page), page)
  return new URLSearchParams(asked.search).get('view') === 'leader' ? <LeaderView /> : <Play asked={asked} />
}

/** A game that was left half-way goes on where it was; otherwise one is chosen. */
function Play({ asked }: { asked: GameAddress }) {
  const query = useQuery(overviewQuery)
  useFetchLater(LATER)
  const left = useHere(keptGame, undefined)
  const [chosen, setChosen] = useState<KeptGame | null>()
  const playing = chosen === undefined && left && isAskedFor(left, asked.search) ? left : chosen
  // The page hides what is chosen from while a game may go on (`pages/play.astro`).
  useEffect(() => void delete document.documentElement.dataset.gameLeft, [])
  const start = ({ game, seed, ...started }: Started) => {
    setChosen({ timeline: makeTimeline(game, started.options, seed), ...started })
  }
  const end = () => {
    forgetGame()
    setChosen(null)
  }
  if (playing)
    return (
      <ErrorBoundary what={t`The game`}>
        <CallerStage kept={playing} onEnd={end} />
      </ErrorBoundary>
    )
  return (
    <Loaded query={query}>
      {(overview) => (
        <GameSetup
          key={`${asked.search} ${asked.number}`}
          overview={overview}
          asked={asked}
          onStart={start}
          left={left && keptGame()}
          onGoOn={() => setChosen(keptGame())}
        />
      )}
    </Loaded>
  )
}
