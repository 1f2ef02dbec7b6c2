import { said } from '../../words/i18n'
import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { told, type Told } from '../../core/wording'
import { Button, Checkbox, Group, SimpleGrid, Stack, Text, Title } from '@mantine/core'
import { useForm } from '@mantine/form'
import { durationRange, ownActivity } from '../../core/activities'
import { attempt, type RefusedValue } from '../../core/errors'
import { type CautionId, cautions } from '../../core/make'
import { NotSaved, useDraft } from '../../ui/draft'
import { NeedsFields } from './NeedsFields'
import type { OwnActivity, useActivities } from './useActivities'
import { Kind, Length, type OwnPartProps, type Set } from './OwnKind'
import { Fold } from '../../ui/Fold'
import { HowItGoes } from './OwnWords'

interface Props {
  readonly draft: OwnActivity
  readonly save: ReturnType<typeof useActivities>['save']
  /** With what was saved, or nothing where it was given up. */
  readonly onClose: (saved?: OwnActivity) => void
}

interface OwnFields extends Pick<OwnActivity, 'name' | 'body'> {
  /** A step a line. */
  readonly steps: string
}

/** An activity of one's own, or a copy that is changed. */
export function OwnForm({ draft, save, onClose }: Props) {
  const form = useForm<OwnFields>({
    initialValues: { name: draft.name, body: draft.body, steps: draft.body.steps.join('\n') },
  })
  const { name, body, steps } = form.values
  const set: Set = (change) => form.setValues({ body: { ...body, ...change } })
  const whole = { ...body, steps: linesOf(steps) }
  const { value: activity, refusal } = attempt(() => ownActivity(draft.id, name, whole))
  const typed = useDraft(form, `own activity ${draft.version === 0 ? 'to come' : draft.id}`)
  const send = () =>
    save.mutate(
      { ...draft, name, body: whole },
      {
        onError: typed.failed,
        onSuccess: (saved) => {
          typed.forget()
          onClose(saved)
        },
      },
    )
  return (
    <form onSubmit={form.onSubmit(send)}>
      <Stack>
        <Title order={1} size="h2">
          {draft.version === 0 ? t`An activity of your own` : t`Change ${draft.name}`}
        </Title>
        <SimpleGrid cols={{ base: 1, md: 2 }}>
          <HowItGoes name={form.getInputProps('name')} steps={form.getInputProps('steps')} body={body} set={set} />
          <Stack gap="md">
            <Kind body={body} set={set} />
            <Length body={body} set={set} />
            <NeedsFields needs={body.needs} onChange={(needs) => set({ needs })} />
            <Minded body={body} set={set} />
          </Stack>
        </SimpleGrid>
        <NotSaved draft={typed} error={save.error} />
        {activity && <Lasts activity={activity} />}
        {refusal && (
          <Text role="alert" c="var(--attention)">
            <Trans>Not yet: {inWords(refusal)}.</Trans>
          </Text>
        )}
        <Group gap="xs" justify="flex-end" className="activities-save">
          <Button variant="default" onClick={() => onClose()}>{t`Cancel`}</Button>
          <Button
            type="submit"
            loading={save.isPending}
            disabled={name.trim() === '' || refusal !== undefined}
          >{t`Save`}</Button>
        </Group>
      </Stack>
    </form>
  )
}

/** The fields as they are called here. */
const LABELS: Readonly<Record<string, Told>> = {
  'duration.rounds.usual': told('Usual rounds'),
  'duration.rounds.most': told('Most rounds'),
  'players.most': told('Most children'),
  duration: told('How long it takes'),
  rungs: told('Steps'),
  places: told('Places'),
  steps: told('What to do'),
}

/** Why it cannot be saved yet, with the field as it is called here. */
function inWords(refusal: RefusedValue): string {
  const label = LABELS[refusal.field]
  return said(label ? refusal.called(label) : refusal.says)
}

const linesOf = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')

function Minded({ body, set }: OwnPartProps) {
  return (
    <Fold title={t`Cautions that apply (${body.cautions.length})`} className="sheet">
      <Checkbox.Group value={[...body.cautions]} onChange={(value) => set({ cautions: value as CautionId[] })}>
        <Stack gap={6}>
          {(Object.keys(cautions) as CautionId[]).map((id) => (
            <Checkbox key={id} value={id} label={said(cautions[id])} />
          ))}
        </Stack>
      </Checkbox.Group>
    </Fold>
  )
}

/** What its lengths come to, for few and for many. */
function Lasts({ activity }: { activity: ReturnType<typeof ownActivity> }) {
  const { least, most } = activity.players
  const sizes = [...new Set([least, Math.min(6, most), most])].filter((size) => size >= least)
  return (
    <Text size="sm" role="status">
      {sizes
        .map((size) => {
          const range = durationRange(activity, size)
          const { least: shortest, most: longest, usual } = range
          return t`${plural(size, { one: `With # child: ${shortest} to ${longest} min, usually ${usual}.`, other: `With # children: ${shortest} to ${longest} min, usually ${usual}.` })}`
        })
        .join(' ')}
    </Text>
  )
}
