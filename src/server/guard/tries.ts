import ipaddr from 'ipaddr.js'
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import { networkAddresses } from './address'

/* How often a passcode may be tried, by where it comes from. Nobody is shut out by what others try. */

const MOST_TRIES = 10
export const SHUT_SECONDS = 15 * 60
/** After so many from all places together, one place has a third of its tries: many machines are hardly quicker. */
const MANY_TOGETHER = 60
const COST_THEN = 3
/** Who has one address of IPv6 has a whole network of them, so they count as one. */
const ONE_PLACE_BITS = 64

export interface WrongTries {
  /** Wrong ones from there so far, this one left out. */
  readonly before: number
  /** How many more may be wrong; undefined on the machine itself, which is never shut out. */
  readonly left: number | undefined
}

/** Where a request comes from, as far as it counts as one place. */
export function placeOf(remote: string): string {
  if (!ipaddr.isValid(remote)) return 'unknown'
  const address = ipaddr.process(remote)
  return address instanceof ipaddr.IPv6
    ? ipaddr.IPv6.networkAddressFromCIDR(`${address.toString()}/${ONE_PLACE_BITS}`).toString()
    : address.toString()
}

/** Whether a request comes from the very machine that the server runs on. */
export function isThisMachine(remote: string): boolean {
  if (!ipaddr.isValid(remote)) return false
  const address = ipaddr.process(remote)
  return address.range() === 'loopback' || networkAddresses().includes(address.toString())
}

export class Tries {
  private readonly byPlace = new RateLimiterMemory({
    points: MOST_TRIES,
    duration: SHUT_SECONDS,
    blockDuration: SHUT_SECONDS,
  })
  private readonly together = new RateLimiterMemory({ points: MANY_TOGETHER, duration: SHUT_SECONDS })
  private readonly here = new RateLimiterMemory({ points: Number.MAX_SAFE_INTEGER, duration: SHUT_SECONDS })

  /** Counts a try before it is looked at, so that many at once are no quicker. Undefined where the door is shut. */
  async count(remote: string): Promise<WrongTries | undefined> {
    if (isThisMachine(remote)) return { before: (await this.here.consume('here')).consumedPoints - 1, left: undefined }
    const areMany = await this.areMany()
    try {
      const { consumedPoints, remainingPoints } = await this.byPlace.consume(placeOf(remote), areMany ? COST_THEN : 1)
      return { before: consumedPoints - 1, left: areMany ? Math.floor(remainingPoints / COST_THEN) : remainingPoints }
    } catch (refused) {
      if (refused instanceof RateLimiterRes) return undefined
      throw refused
    }
  }

  /** A right passcode: what was tried from there before is forgotten. */
  async forget(remote: string): Promise<void> {
    if (isThisMachine(remote)) await this.here.delete('here')
    else await this.byPlace.delete(placeOf(remote))
  }

  private async areMany(): Promise<boolean> {
    try {
      await this.together.consume('all')
      return false
    } catch {
      return true
    }
  }
}
