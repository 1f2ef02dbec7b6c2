import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text, Title } from '@mantine/core'
import { useMounted } from '@mantine/hooks'
import { IconPlayerPause, IconPlayerPlay, IconRun, IconUsers } from '@tabler/icons-react'
import { activityOf, wordsOn, ENERGY_NAMES } from '../../core/activities'
import type { GameId } from '../../core/movement'
import type { PlanStep } from '../../core/planning'
import type { Session, SessionContext } from '../../core/records'
import { Cautions } from '../../ui/Cautions'
import { StageTag } from '../../ui/StageTag'
import { type LanguageId, inEnglish } from '../../core/wording'
import { later } from '../../ui/later'
import { BendPanel } from './BendPanel'
import { StepWords } from './StepWords'
import type { EditState } from '../plan/useEdits'
import type { StepTimerState } from './useStepTimer'

interface StepPanelProps {
  readonly step: PlanStep
  readonly next?: PlanStep
  readonly timer: StepTimerState
  readonly state: EditState
  readonly context: SessionContext
  /** Goes on to what asks the children. */
  readonly onAsk: () => void
}

/** The words of the other languages are many: they come only where they are needed. */
export const translated = later(async () => (await import('./TranslatedWords')).TranslatedWords)
export const isEnglish = (language: LanguageId) => language.startsWith('en')

export const stations = later(async () => (await import('./StationsNow')).StationsNow)

/** What to do now: the steps, what to say and look for, what to mind, and the time that is left. */
export function StepPanel({ step, next, timer, state, context, onAsk }: StepPanelProps) {
  const { session } = state
  const activity = activityOf(step)
  const words = wordsOn(activity, step.rung)
  const { language } = context.settings
  // Its code comes once the view stands.
  const isShown = useMounted()
  return (
    <Stack gap="sm">
      <div>
        <Group gap="xs" mt={6}>
          <StageTag stage={activity.stage} />
          <Text size="sm" className="quiet">
            {said(ENERGY_NAMES[activity.energy])}
          </Text>
        </Group>
        <Title order={1} size="h3" mt={2}>
          {said(activity.name)}
        </Title>
      </div>
      <StepTimer step={step} timer={timer} isMain={!activity.game && activity.tableMode !== 'all-at-once'} />
      {activity.game && <RunGame game={activity.game} step={step} session={session} />}
      {activity.tableMode === 'all-at-once' && (
        <Button size="md" onClick={onAsk} leftSection={<IconUsers size={18} />}>{t`Ask all at once`}</Button>
      )}
      <BendPanel state={state} context={context} at={step.id} spentSeconds={timer.spentSeconds} />
      {isShown && step.stations && (
        <stations.Part step={step} session={session} context={context} spentSeconds={timer.spentSeconds} />
      )}
      {isEnglish(language) ? (
        <StepWords words={{ steps: words.steps.map(inEnglish), say: inEnglish(words.say) }} />
      ) : (
        isShown && <translated.Part activity={activity} rung={step.rung} language={language} />
      )}
      <Text size="sm">
        <strong>{t`Look for:`}</strong> {said(words.lookFor)}
      </Text>
      <Text size="sm">
        <strong>{t`Easier:`}</strong> {said(words.easier)} <strong>{t`Harder:`}</strong> {said(words.harder)}
      </Text>
      <Cautions ids={activity.cautions} />
      {next && (
        <Text size="sm" className="quiet">
          <Trans>
            Then: {said(activityOf(next).name)}, {next.minutes} min
          </Trans>
        </Text>
      )}
    </Stack>
  )
}

interface StepTimerProps {
  readonly step: PlanStep
  readonly timer: StepTimerState
  /** Nothing else of the step is started first. */
  readonly isMain: boolean
}

function StepTimer({ step, timer, isMain }: StepTimerProps) {
  const isOver = timer.leftSeconds < 0
  return (
    <Group
      justify="space-between"
      className={isOver ? 'sheet sheet-attention' : 'sheet'}
      style={{ padding: '6px 14px' }}
    >
      <div>
        <Text
          style={{ fontFamily: 'Andika, sans-serif', fontSize: 34, lineHeight: 1.2 }}
          role="timer"
          aria-label={t`Time of this activity`}
        >
          {timer.figures}
        </Text>
        <Text size="sm" className="quiet">
          {isOver ? t`over: move on when they are ready` : t`of ${step.minutes} min`}
        </Text>
      </div>
      <Button
        variant={timer.isRunning ? 'default' : isMain ? 'filled' : 'light'}
        onClick={timer.toggle}
        leftSection={timer.isRunning ? <IconPlayerPause size={18} /> : <IconPlayerPlay size={18} />}
      >
        {timer.isRunning ? t`Pause` : t({ message: 'Start', context: 'a timer' })}
      </Button>
    </Group>
  )
}

interface RunGameProps {
  readonly game: GameId
  readonly step: PlanStep
  readonly session: Session
}

/** Opens the caller with this step's minutes and times and the group's children; the table is kept as it is. */
function RunGame({ game, step, session }: RunGameProps) {
  const query = new URLSearchParams({
    game,
    minutes: String(step.minutes),
    rung: step.rung,
    group: session.groupId,
    session: session.id,
  })
  const open = () => {
    query.set('back', location.pathname)
    location.assign(`/play?${query}`)
  }
  return <Button size="md" onClick={open} leftSection={<IconRun size={18} />}>{t`Run this game`}</Button>
}
