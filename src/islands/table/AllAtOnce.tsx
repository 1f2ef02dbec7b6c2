import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Stack, Text, Title } from '@mantine/core'
import { type Settings, wordingOf } from '../../core/records'
import { type Item, askInWords, explain, isSet, minuteOf, saidToChild, sayAnswer } from '../../core/teaching'
import { type Wording, listInWords } from '../../core/wording'
import { Dial } from '../../ui/Dial'
import { QuestionShown } from '../../ui/QuestionShown'
import { WhoShowed } from '../../ui/WhoShowed'
import { UndoButton } from '../../ui/UndoButton'
import type { AllAtOnceState, TaskShown } from './useAllAtOnce'

interface Props {
  readonly check: AllAtOnceState
  readonly settings: Settings
}

const NO_HELPS = [] as const

/** What the children see: whose question it is, and what is asked; afterwards, what is right. */
export function AllAtOnceStage({ check: { tasks, isShown }, settings }: Props) {
  const wording = wordingOf(settings)
  return (
    <section
      className={tasks.length > 1 ? 'table-stage at-once at-once-many' : 'table-stage at-once'}
      aria-label={t`What each is asked`}
    >
      {tasks.map((task) => (
        <article key={task.question.item.rung}>
          <Text className="at-once-names anywhere">{namesOf(task, wording)}</Text>
          <div className="table-said">{askInWords(task.question.item, wording)}</div>
          <Asked task={task} wording={wording} isAnswered={isShown} />
        </article>
      ))}
    </section>
  )
}

const namesOf = ({ players }: TaskShown, wording: Wording) =>
  listInWords(
    players.map(({ name }) => name),
    wording,
  )

interface TaskProps {
  readonly task: TaskShown
  readonly wording: Wording
  readonly isAnswered: boolean
}

/** A clock to be set is shown once all have shown theirs; what is answered by a number has its choices beside it. */
function Asked({ task: { question, shown }, wording, isAnswered }: TaskProps) {
  const { item } = question
  if (isSet(item))
    return isAnswered ? (
      <div className="at-once-dial">
        <Dial hands={{ gear: 'geared', minute: minuteOf(item) }} wording={wording} size="100%" />
      </div>
    ) : null
  return (
    <div className="at-once-question">
      <div className="at-once-dial">
        <QuestionShown shown={item.shown} helps={NO_HELPS} wording={wording} isAnswered={isAnswered} />
      </div>
      <ul className="at-once-choices">
        {shown.map(({ says, kind }) => (
          <li key={says} className={isAnswered && kind === 'there' ? 'at-once-right' : undefined}>
            {says}
          </li>
        ))}
      </ul>
    </div>
  )
}

/** Who showed what: everyone there by one tap, the others one by one. */
export function AllAtOncePanel({ check, settings }: Props) {
  const { round, tasks, tally, isShown } = check
  const wording = wordingOf(settings)
  if (tasks.length === 0) return <Text mt="sm">{t`There is nobody in this group. Add children to it first.`}</Text>
  return (
    <Stack gap="sm" mt={6}>
      <Group justify="space-between" wrap="nowrap">
        <Title order={1} size="h2">
          <Trans>Round {round.number}</Trans>
        </Title>
        <UndoButton size="sm" onUndo={check.undo} canUndo={check.canUndo} />
      </Group>
      {tasks.map((task) => (
        <Tapped key={`${round.number} ${task.question.item.rung}`} task={task} check={check} wording={wording} />
      ))}
      <Text role="status">
        {tally.tapped === 0
          ? t`Tap what was shown, then who showed it. Whoever is not tapped was not asked.`
          : t`${tally.right} of ${tally.tapped} right so far; ${tally.of} were asked.`}
      </Text>
      <Button size="lg" onClick={check.next}>{t`Next round`}</Button>
      <Button variant="default" aria-pressed={isShown} onClick={() => check.setShown(!isShown)}>
        {isShown ? t`Hide what is right` : t`Show what is right`}
      </Button>
    </Stack>
  )
}

interface TappedProps {
  readonly task: TaskShown
  readonly check: AllAtOnceState
  readonly wording: Wording
}

function Tapped({ task, check, wording }: TappedProps) {
  const { item } = task.question
  const names = namesOf(task, wording)
  const open = task.players.filter(({ id }) => !check.marks[id])
  return (
    <section className="sheet" aria-label={names}>
      <Text fw={700} className="anywhere">
        {names}: {sayAnswer(item, item.answer, wording)}
      </Text>
      {task.players.length > 1 && open.length > 0 && (
        <Button fullWidth mt={6} onClick={() => check.markRest(task)} variant="light">
          {open.length === task.players.length ? t`All of them are there` : t`All the others are there`}
        </Button>
      )}
      <WhoShowed
        size="sm"
        isNamed
        shown={task.shown}
        isChoice={task.isChoice}
        players={task.players}
        marks={check.marks}
        onMark={(player, choice) => check.mark(task, player, choice)}
      />
      {repairsOf(task, check, item, wording).map(({ names: who, says }) => (
        <Text key={says} mt={6}>
          <Trans>
            Say to {who}: “{says}”
          </Trans>
        </Text>
      ))}
    </section>
  )
}

/** One thing to say for each wrong answer that was tapped. */
function repairsOf({ shown, players }: TaskShown, { marks }: AllAtOnceState, item: Item, wording: Wording) {
  return shown.flatMap((showing, choice) => {
    const who = players.filter(({ id }) => marks[id]?.choice === choice)
    if (showing.kind !== 'wrong' || who.length === 0) return []
    const [meaning] = explain(item, showing.value)
    return [
      {
        names: listInWords(
          who.map(({ name }) => name),
          wording,
        ),
        says: saidToChild(meaning, wording.language),
      },
    ]
  })
}
