import { useQuery } from '@tanstack/react-query'
import { type Remote, wrap } from 'comlink'
import { type SimulatedTurns, turnsFrom } from '../../core/chance'
import type { GameRules, PrintOptions, PrintableId } from '../../core/printables'
import type { ChancesWorker } from '../../workers/chances'

export const SIMULATED_GAMES = 20_000

interface SimulationWish {
  readonly id: PrintableId
  readonly options: PrintOptions
  readonly players: number
  readonly rules: GameRules
}

/** One worker for the view, started when the first game is simulated. */
let worker: Remote<ChancesWorker> | undefined

function chances(): Remote<ChancesWorker> {
  worker ??= wrap<ChancesWorker>(new Worker(new URL('../../workers/chances.ts', import.meta.url), { type: 'module' }))
  return worker
}

/**
 * The turns of a game that can only be simulated, played in a worker; undefined until they are there, or where nothing
 * is wished.
 */
export function useSimulated(wish: SimulationWish | undefined): SimulatedTurns | undefined {
  const query = useQuery({
    queryKey: ['simulated', wish],
    enabled: wish !== undefined,
    staleTime: Infinity,
    queryFn: async (): Promise<SimulatedTurns | null> => {
      if (!wish) return null
      const { over, mean, error } = await chances().simulate(wish.id, wish.options, {
        players: wish.players,
        rules: wish.rules,
        games: SIMULATED_GAMES,
        seed: 1,
      })
      return { ...turnsFrom(over), mean, error }
    },
  })
  return query.data ?? undefined
}
