import type { StoryTime } from '../../core/stories'

/**
 * How words that mean a time look: marked, open while both halves of the day are possible, and lit where `lit` is
 * theirs.
 */
export const timeLook = ({ either, key }: StoryTime, lit: string | null): string =>
  `stories-time${either ? ' stories-time-open' : ''}${key === lit ? ' stories-time-lit' : ''}`
