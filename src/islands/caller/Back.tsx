import { Anchor } from '@mantine/core'

/** To the table that this was opened from, or to Today. */
export function backTo(): { href: string; label: string } {
  const back = new URLSearchParams(location.search).get('back') ?? ''
  return /^\/table\/[\w-]+$/.test(back)
    ? { href: back, label: 'Back to the table' }
    : { href: '/', label: 'Back to Today' }
}

export function Back() {
  const { href, label } = backTo()
  return <Anchor href={href}>{label}</Anchor>
}
