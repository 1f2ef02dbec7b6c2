import { useId as useReactId } from 'react'

export * from '@mantine/hooks'

/** What Astro puts before React's ids in the browser, but not on the server. A page has one island, so none is told by it. */
const ISLAND = /^_r\d+(?=r_|R_)/

/** Mantine's own gives a field a second, random id once it is mounted, and so draws every field twice. */
export function useId(given?: string): string {
  const own = useReactId().replace(ISLAND, '_')
  return given ?? `mantine-${own}`
}
