import type { Session } from '../../core/records'

const onSaved = new Set<(session: Session) => void>()

/** Hears of plans that were saved after they had waited. */
export function hearSaved(listener: (session: Session) => void): () => void {
  onSaved.add(listener)
  return () => onSaved.delete(listener)
}

export function tellSaved(session: Session): void {
  for (const hear of onSaved) hear(session)
}
