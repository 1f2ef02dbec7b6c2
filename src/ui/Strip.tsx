import { said } from '../words/i18n'
import { t } from '@lingui/core/macro'
import type { StepId } from '../core/ids'
import { activityOf } from '../core/activities'
import { type SessionPlan, plannedMinutes } from '../core/planning'
import { KIND_NAMES } from '../core/teaching'

interface StripProps {
  readonly plan: SessionPlan
  readonly height?: number
  /** Which step is marked. */
  readonly at?: string
  readonly onPick?: (stepId: StepId) => void
}

/** The minutes of a session as a strip: each activity as wide as it is long, tinted by its stage. */
export function Strip({ plan, height = 52, at, onPick }: StripProps) {
  const total = plannedMinutes(plan)
  return (
    <ol
      aria-label={t`${total} minutes in ${plan.steps.length} activities`}
      style={{ display: 'flex', gap: 3, listStyle: 'none', margin: 0, padding: 0, height }}
    >
      {plan.steps.map((step) => {
        const activity = activityOf(step)
        const inner = (
          <>
            <strong>{step.minutes}</strong>
            {height > 46 && <span style={label}>{said(activity.name)}</span>}
          </>
        )
        const style = { ...segment, outline: step.id === at ? '3px solid var(--stage)' : undefined }
        return (
          <li
            key={step.id}
            className={`stage-${activity.stage}`}
            style={{ flexGrow: step.minutes, flexBasis: 0, minWidth: 0 }}
            title={t`${said(activity.name)}: ${step.minutes} min, ${said(KIND_NAMES[activity.stage])}`}
          >
            {onPick ? (
              <button
                type="button"
                style={{ ...style, cursor: 'pointer' }}
                aria-label={t`${said(activity.name)}, ${step.minutes} minutes`}
                aria-current={step.id === at ? 'step' : undefined}
                onClick={() => onPick(step.id)}
              >
                {inner}
              </button>
            ) : (
              <div style={style}>{inner}</div>
            )}
          </li>
        )
      })}
    </ol>
  )
}

const segment = {
  width: '100%',
  height: '100%',
  border: '1px solid var(--stage)',
  borderRadius: 8,
  background: 'var(--stage-back)',
  color: 'var(--ink)',
  padding: '2px 6px',
  font: 'inherit',
  fontSize: 14,
  textAlign: 'left',
  overflow: 'hidden',
  lineHeight: 1.25,
} as const

const label = {
  display: 'block',
  whiteSpace: 'nowrap',
  overflow: 'hidden',
  textOverflow: 'ellipsis',
  fontSize: 13,
} as const
