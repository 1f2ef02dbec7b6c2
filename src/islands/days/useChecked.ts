import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import type { PrintCheck } from '../../core/records'
import { Unreached, api } from '../../ui/api'
import type { DaysState } from './useDays'
import type { Prints } from './usePrints'

const NOTHING_CHOSEN: PrintCheck & { isReady: boolean } = { problems: [], cautions: [], isReady: false }

/**
 * The problems and cautions of what is to be printed, as the server finds them once the day is saved. Until then those
 * of what was wished before are shown, and nothing can be printed yet. Without a connection nothing can be found: what
 * was printed before is still kept, so it may be opened.
 */
export function useChecked({ things, query }: Prints, { one, body, saving, unsaved }: DaysState) {
  const { data, error, isPlaceholderData } = useQuery({
    queryKey: [t`a day’s prints`, one?.id, query, body.rows],
    queryFn: () => api.get<PrintCheck>(`/api/days/${one?.id}/print-check?${query}`),
    enabled: one !== undefined && things.length > 0 && body.rows.length > 0 && !saving && !unsaved,
    placeholderData: (before) => before,
    staleTime: Infinity,
    gcTime: 0,
  })
  if (things.length === 0) return NOTHING_CHOSEN
  const isFound = data !== undefined && !isPlaceholderData
  return {
    problems: error ? [error.message] : (data?.problems ?? []),
    cautions: data?.cautions ?? [],
    isReady: (isFound && data.problems.length === 0) || error instanceof Unreached,
  }
}
