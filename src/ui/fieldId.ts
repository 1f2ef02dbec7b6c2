import { useId as useReactId } from 'react'

const ISLAND = /^_r\d+(?=r_|R_)/

/**
 * Stands in for the hook of the same name in `@mantine/hooks` (`astro.config.ts`). That one gives each field a second,
 * random id as soon as it stands, for versions of React that had none: on a view with forms, every field is then
 * rendered twice in one task.
 */
export function useId(given?: string): string {
  const own = useReactId()
  // Astro names the island in the browser's ids, yet not in those of the server where parts do not stream.
  return given ?? `mantine-${own.replace(ISLAND, '_')}`
}
