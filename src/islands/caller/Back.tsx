import { t } from '@lingui/core/macro'
import { Anchor } from '@mantine/core'

/** To the table that this was opened from, or to Today. */
export function backTo(search: string): { href: string; label: string } {
  const back = new URLSearchParams(search).get('back') ?? ''
  return /^\/table\/[\w-]+$/.test(back)
    ? { href: back, label: t`Back to the table` }
    : { href: '/', label: t`Back to Today` }
}

export function Back({ search }: { search: string }) {
  const { href, label } = backTo(search)
  return (
    <Anchor href={href} className="finger">
      {label}
    </Anchor>
  )
}
