import type { NetworkState } from '../../core/keeping'
import type { Db } from '../connection'
import { getKeeping } from '../keeping/keeping'
import { type Address, isLocal, networkAddresses } from './address'
import { listDevices } from './devices'

/* What the server's own process tells its pages of the network; the two are bundled apart. */

interface ServedAt {
  readonly address: Address
  /** The passcode was given at the start. */
  readonly isFixed: boolean
}

const holder = globalThis as { ripeAcornNetwork?: ServedAt }

export function tellNetwork(told: ServedAt): void {
  holder.ripeAcornNetwork = told
}

/** Where this server listens. Throws where no server told it, as while developing. */
export function serverAddress(): Address {
  if (!holder.ripeAcornNetwork) throw new Error('no server has told where it listens')
  return holder.ripeAcornNetwork.address
}

export const isPasscodeFixed = (): boolean => holder.ripeAcornNetwork?.isFixed ?? false

/** Where others can reach this machine, and who came in. */
export async function networkState(db: Db): Promise<NetworkState> {
  const { address, isFixed = false } = holder.ripeAcornNetwork ?? {}
  const scheme = address?.isSecure ? 'https' : 'http'
  const hosts = !address || isLocal(address) ? [] : isAll(address.host) ? networkAddresses() : [address.host]
  return {
    addresses: hosts.map((host) => `${scheme}://${host}:${address?.port}`),
    isSecure: address?.isSecure ?? false,
    hasPasscode: isFixed || (await getKeeping(db)).passcode !== null,
    isFixed,
    devices: await listDevices(db),
  }
}

const isAll = (host: string) => host === '0.0.0.0' || host === '::'
