import { t } from '@lingui/core/macro'
import { Button, Skeleton, Stack } from '@mantine/core'
import type { UseQueryResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Refusal } from './api'

/** A query's three states, so that every view waits and fails alike. */
export function Loaded<T>({ query, children }: { query: UseQueryResult<T>; children: (data: T) => ReactNode }) {
  if (query.data !== undefined) return <>{children(query.data)}</>
  if (query.isError)
    return (
      <div className="sheet sheet-attention" role="alert">
        <p style={{ marginTop: 0 }}>
          <strong>{query.error instanceof Refusal ? query.error.title : t`Nothing could be loaded`}.</strong>{' '}
          {query.error.message}
        </p>
        <Button variant="default" onClick={() => void query.refetch()} mr="sm">{t`Try again`}</Button>
        <Button variant="subtle" component="a" href="/">{t`Back to Today`}</Button>
      </div>
    )
  return (
    <Stack aria-busy="true" aria-label={t`Loading`}>
      <Skeleton height={40} width={340} />
      <Skeleton height={120} />
      <Skeleton height={120} />
    </Stack>
  )
}
