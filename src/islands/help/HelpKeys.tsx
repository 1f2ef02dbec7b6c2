import { App, type Page } from '../../ui/App'

/** The help is plain text; the search in its head is not. */
export default function HelpKeys(page: Page) {
  return <App {...page} />
}
