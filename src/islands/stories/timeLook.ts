import type { StoryTime } from '../../core/stories'

/** How words that mean a time look: marked, and open while both halves of the day are possible. */
export const timeLook = ({ either }: StoryTime): string => `stories-time${either ? ' stories-time-open' : ''}`
