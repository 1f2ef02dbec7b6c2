import { useId as useReactId } from 'react'

/**
 * Stands in for the hook of the same name in `@mantine/hooks` (`astro.config.ts`). That one gives each field a second,
 * random id as soon as it stands, for versions of React that had none: on a view with forms, every field is then
 * rendered twice in one task.
 */
export function useId(given?: string): string {
  const own = useReactId()
  return given ?? `mantine-${own.replace(/:/g, '')}`
}
