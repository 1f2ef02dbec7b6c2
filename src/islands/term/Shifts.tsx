import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Text, Title } from '@mantine/core'
import { type Forecast, type Shift, type TermWish, shiftsBetween } from '../../core/planning'
import type { KeptTerm, TermData } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { dayInWords, dayOf } from '../../ui/dates'

interface Props extends Pick<TermData, 'children'> {
  readonly kept: KeptTerm
  readonly wish: TermWish
  readonly now: Forecast
}

/** What moved since the forecast that was kept: by the records that came in, or because the term was changed. */
export function Shifts({ kept, wish, now, children }: Props) {
  const shifts = shiftsBetween(kept.forecast, now)
  const isSame = JSON.stringify(kept.wish) === JSON.stringify(wish)
  const nameOf = ({ childId }: Shift) => children.find(({ id }) => id === childId)?.name ?? ''
  return (
    <section className="sheet" aria-label={t`What changed`}>
      <Title order={2} size="h4" mb={4}>
        <Trans>Since {dayOf(kept.at)}</Trans>
      </Title>
      {shifts.length === 0 ? (
        <Text size="sm">{isSame ? t`Nothing moved.` : t`Nothing moved, although the term was changed.`}</Text>
      ) : (
        <ul style={{ margin: 0, paddingLeft: 20, fontSize: 14 }}>
          {shifts.map((shift) => (
            <li key={shift.childId}>
              <strong className="anywhere">{nameOf(shift)}</strong>: {shiftInWords(shift)}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

function shiftInWords({ rung, before, after, isFirm }: Shift): string {
  const name = rungOf(rung).name
  const was = before === null ? t`after the term` : dayInWords(before)
  if (isFirm) return t`secure on ${said(name)} now; it was likely by ${was}.`
  const then = after === null ? t`a day after the term` : dayInWords(after)
  return t`${said(name)} likely by ${then}; it was ${was}.`
}
