import { t, plural } from '@lingui/core/macro'
import { Button } from '@mantine/core'
import { IconPrinter } from '@tabler/icons-react'
import type { SessionId } from '../../core/ids'
import { useMarkPrinted } from '../../ui/useMarkPrinted'

interface Props {
  readonly id: SessionId
  /** How many pages come; undefined until that is known. */
  readonly pages: number | undefined
}

export const inPages = (count: number) => t`${plural(count, { one: '# page', other: '# pages' })}`

/** The pages of a session in one click, as usual for such a group. */
export function PrintLink({ id, pages }: Props) {
  const href = `/api/sessions/${id}/print.pdf`
  const markPrinted = useMarkPrinted(id)
  return (
    <Button component="a" href={href} target="_blank" onClick={markPrinted} leftSection={<IconPrinter size={18} />}>
      {pages ? t`Print the session: ${inPages(pages)}` : t`Print the session`}
    </Button>
  )
}
