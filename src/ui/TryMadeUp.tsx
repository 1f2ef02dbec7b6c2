import { t } from '@lingui/core/macro'
import { Button, Text } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { api } from './api'
import { Refused } from './Refused'
import { IN_PLACE } from './inPlace'

/** Leads to made-up children, who live under another port of this machine. They take some seconds to be made. */
export function TryMadeUp() {
  const start = useMutation({
    meta: IN_PLACE,
    mutationFn: () => api.post<{ port: number }>('/api/made-up', {}),
    onSuccess: ({ port }) => {
      const there = new URL('/', location.href)
      there.port = String(port)
      location.assign(there)
    },
  })
  return (
    <>
      <Button
        variant="default"
        loading={start.isPending || start.isSuccess}
        onClick={() => start.mutate()}
      >{t`Try it with made-up children`}</Button>
      {start.isPending && (
        <Text
          size="sm"
          role="status"
        >{t`Two groups with six weeks of answers are being made. It takes some seconds.`}</Text>
      )}
      <Refused error={start.error} />
    </>
  )
}
