import type { RungId } from '../../teaching'

/** A story of our own, told in each language as its speakers would tell it. */
export interface ShelfStory {
  readonly id: string
  /** The rung that its times are of. */
  readonly rung: RungId
  readonly told: Readonly<Record<'en' | 'de' | 'fr' | 'es', { readonly title: string; readonly text: string }>>
}
