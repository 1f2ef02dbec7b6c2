import { adultLanguage } from '../words/i18n'

/* Pages that need nothing else: no script, no style and no file of ours. For what is shown where no view can be. */

/** A text as it may stand in a page, also within quotation marks. */
export const escaped = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/"/g, '&quot;')

const STYLE =
  'body{font:18px/1.5 system-ui,sans-serif;background:#FBF7EF;color:#2B2320;display:grid;place-items:center;min-height:100vh;margin:0}main{max-width:24rem;padding:1rem}label{display:block;margin:1rem 0 .25rem}input,button{font:inherit;width:100%;min-height:48px;box-sizing:border-box;padding:.25rem .75rem;border-radius:8px;border:1px solid #8a7a68}button{margin-top:1.25rem;background:#2F6B4F;color:#fff;border:0}a{color:inherit}p[role=alert]{color:#8A4B12;font-weight:600}@media (prefers-color-scheme:dark){body{background:#1f1917;color:#f3ebe0}input{background:#2B2320;color:inherit}p[role=alert]{color:#E8B25A}}'

/**
 * Whether a browser shows the answer as a page, by the method and what is accepted: an address that was opened, not one
 * that a script asks for.
 */
export const isForPage = (method: string | undefined, accept: string | null | undefined): boolean =>
  method === 'GET' && (accept ?? '').includes('text/html')

/** A page with this title and these elements, which are HTML already. */
export const plainPage = (title: string, main: string): string =>
  `<!doctype html><html lang="${adultLanguage()}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(title)} · Ripe Acorn</title><style>${STYLE}</style></head><body><main>${main}</main></body></html>`
