import { useQuery } from '@tanstack/react-query'
import { untilReached } from '../../ui/later'
import type { Prints } from './usePrints'

const nextTask = () => new Promise((resolve) => setTimeout(resolve, 0))

/**
 * The problems and cautions of what is to be printed, once each thing was made to see. Until then those of what was
 * wished before are shown, and nothing can be printed yet.
 */
export function useChecked({ things, wish }: Prints) {
  const { data, isPlaceholderData } = useQuery({
    queryKey: ['a day’s prints', things, wish],
    queryFn: async () => {
      const checks = await untilReached(() => import('./printChecks'))
      const problems: string[] = []
      for (const thing of things) {
        // One at a time, so that a tap in between is answered.
        await nextTask()
        problems.push(...checks.problemsOf(thing, wish))
      }
      return { problems, cautions: checks.cautionsOf(things) }
    },
    placeholderData: (before) => before,
    staleTime: Infinity,
    gcTime: 0,
    // A fault of ours is shown by the boundary round this part, instead of a button that never comes alive.
    throwOnError: true,
  })
  return { ...data, isChecked: data !== undefined && !isPlaceholderData }
}
