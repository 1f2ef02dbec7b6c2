import { expose } from 'comlink'
import { type PrintOptions, type Simulation, printableOf, simulatedTurns } from '../core/printables'

/** What a simulation comes to, without functions, which cannot leave a worker. */
export interface Simulated {
  readonly over: readonly number[]
  readonly mean: number
  readonly error: number
}

const worker = {
  simulate(id: string, options: PrintOptions, wish: Simulation): Simulated {
    const { over, mean, error } = simulatedTurns(printableOf(id), options, wish)
    return { over, mean, error }
  },
}

export type ChancesWorker = typeof worker

expose(worker)
