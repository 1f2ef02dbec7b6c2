import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Stack, Text } from '@mantine/core'
import { useState } from 'react'
import { FOLLOW_LOCAL_RULES } from '../../core/make'
import { type PlanCheck, type SessionPlan, childForms, planCautions } from '../../core/planning'
import { type SessionContext, requestOf } from '../../core/records'
import { rungOf } from '../../core/teaching'
import { CheckLine } from '../../ui/CheckLine'
import { Fold } from '../../ui/Fold'
import type { PlanState } from './usePlan'
import { later } from '../../ui/later'
import { AskButton } from './AskButton'

export const wouldHelp = later(async () => (await import('./WouldHelp')).WouldHelp)

/** What one change would buy comes when it is asked for. */
function AskForHelp({ state }: { readonly state: PlanState }) {
  const [isWanted, setWanted] = useState(false)
  return isWanted ? <wouldHelp.Part state={state} /> : <AskButton onClick={() => setWanted(true)} />
}

const formInWords = ({ child, rung, form }: ReturnType<typeof childForms>[number]): string =>
  form === 'harder'
    ? t`${child.name} takes the harder form (on ${said(rungOf(rung).name)}).`
    : t`${child.name} takes the easier form (on ${said(rungOf(rung).name)}).`

/** What holds and what does not, who takes which form, and what to mind. */
export function PlanChecks({
  checks,
  context,
  plan,
  state,
}: {
  checks: readonly PlanCheck[]
  context: SessionContext
  plan: SessionPlan
  state: PlanState
}) {
  const forms = childForms(requestOf(context), plan.rung).filter((each) => each.form !== 'as it is')
  const cautions = planCautions(plan)
  const broken = checks.filter(({ ok }) => !ok)
  const holding = checks.filter(({ ok }) => ok)
  return (
    <Stack gap="sm">
      {broken.length > 0 && (
        <>
          <ul aria-label={t`To mend`} style={list}>
            {broken.map(({ id, ok, says }) => (
              <CheckLine key={id} ok={ok} says={said(says)} />
            ))}
          </ul>
          <AskForHelp state={state} />
        </>
      )}
      <Fold title={broken.length === 0 ? t`All ${checks.length} checks hold` : t`${holding.length} other checks hold`}>
        <ul aria-label={t`Checks`} style={list}>
          {holding.map(({ id, ok, says }) => (
            <CheckLine key={id} ok={ok} says={said(says)} />
          ))}
        </ul>
      </Fold>
      {forms.length > 0 && (
        <Text size="sm" className="anywhere">
          {forms.map(formInWords).join(' ')}
        </Text>
      )}
      {cautions.length > 0 && (
        <section aria-label={t`Cautions`}>
          <Text fw={600} size="sm">{t`Mind`}</Text>
          <ul style={{ margin: 0, paddingLeft: 18, fontSize: 14 }}>
            {cautions.map(({ id, text }) => (
              <li key={id}>{said(text)}</li>
            ))}
          </ul>
          <Text size="xs" className="quiet" mt={4}>
            {said(FOLLOW_LOCAL_RULES)}
          </Text>
        </section>
      )}
    </Stack>
  )
}

const list = { listStyle: 'none', margin: 0, padding: 0 } as const
