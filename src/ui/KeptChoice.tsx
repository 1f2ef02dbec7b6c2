import type { Kept } from '../core/records'
import { Choice } from './Choice'
import type { OpenKept } from './openKept'

interface KeptChoiceProps<T> {
  readonly state: OpenKept<T>
  readonly list: readonly Kept<T>[]
  readonly label: string
}

/** Those that are kept by name; the one that was just made is among them before the server has told so. */
export function KeptChoice<T>({ state, list, label }: KeptChoiceProps<T>) {
  const { one } = state
  const all = list.map(({ id, name }) => ({ value: id, label: id === one?.id ? one.name : name }))
  const data = one && !all.some(({ value }) => value === one.id) ? [{ value: one.id, label: one.name }, ...all] : all
  if (data.length < 2) return null
  return <Choice aria-label={label} value={one?.id ?? ''} data={data} onChange={(id) => state.open(id)} />
}
