import { useDocumentTitle } from '@mantine/hooks'

/** The title of a tab names whom or what its view is about. */
export function useViewTitle(what: string): void {
  useDocumentTitle(`${what} · Ripe Acorn`)
}
