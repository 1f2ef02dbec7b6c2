import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { toDataURL } from 'qrcode'

/** A code that a tablet's camera reads: an address of ours. */
export function ScanCode({ text }: { text: string }) {
  const query = useQuery({
    queryKey: ['code', text],
    queryFn: () => toDataURL(text, { margin: 2, width: 220, errorCorrectionLevel: 'M' }),
  })
  return query.data ? <img src={query.data} width={220} height={220} alt={t`A code that opens ${text}`} /> : null
}
