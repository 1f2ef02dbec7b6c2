import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { ActionIcon, Button, Group, Popover, Stack, Switch, Text } from '@mantine/core'
import { IconArrowDown, IconArrowUp } from '@tabler/icons-react'
import type { DialOptions } from '../../core/faces'
import { SCAFFOLD_NAMES, type ScaffoldId } from '../../core/knowing'
import { withoutFirst } from '../../ui/helps'
import { Segments } from '../../ui/Segments'

/** What is drawn on the dial, and in which order its helps are faded. */
export interface Helps {
  readonly on: readonly ScaffoldId[]
  readonly order: readonly ScaffoldId[]
  readonly numerals: NonNullable<DialOptions['numerals']>
  readonly marks: NonNullable<DialOptions['marks']>
}

interface HelpsMenuProps {
  readonly helps: Helps
  readonly onChange: (helps: Helps) => void
  readonly defaultOpened?: boolean
}

/** Each help on its own switch, the one to fade first at the top; and one button that fades it. */
export function HelpsMenu({ helps, onChange, defaultOpened = false }: HelpsMenuProps) {
  const { on, order } = helps
  const first = order.find((id) => on.includes(id))
  return (
    <Group gap={4} wrap="nowrap">
      <Popover width={320} position="top" withArrow shadow="md" defaultOpened={defaultOpened}>
        <Popover.Target>
          <Button variant="default">
            {on.length > 0 ? t`Hints on the clock: ${on.length}` : t`Hints on the clock`}
          </Button>
        </Popover.Target>
        <Popover.Dropdown>
          <Stack gap={6}>
            <Text size="sm" className="quiet">{t`The one at the top is faded first.`}</Text>
            {order.map((id, at) => (
              <HelpRow key={id} id={id} at={at} helps={helps} onChange={onChange} />
            ))}
            <Choice
              name={t`Numbers`}
              value={helps.numerals}
              values={['all', 'quarters', 'none']}
              onChange={(numerals) => onChange({ ...helps, numerals })}
            />
            <Choice
              name={t`Marks`}
              value={helps.marks}
              values={['all', 'hours', 'none']}
              onChange={(marks) => onChange({ ...helps, marks })}
            />
          </Stack>
        </Popover.Dropdown>
      </Popover>
      {first && (
        <Button variant="light" onClick={() => onChange({ ...helps, on: withoutFirst(on, order) })}>
          <Trans>Fade {said(SCAFFOLD_NAMES[first])}</Trans>
        </Button>
      )}
    </Group>
  )
}

interface HelpRowProps extends Pick<HelpsMenuProps, 'helps' | 'onChange'> {
  readonly id: ScaffoldId
  /** Its place in the order of fading. */
  readonly at: number
}

/** One help: on or off, and faded sooner or later. */
function HelpRow({ id, at, helps, onChange }: HelpRowProps) {
  const { on, order } = helps
  const move = (by: 1 | -1) => {
    const others = order.filter((each) => each !== id)
    onChange({ ...helps, order: [...others.slice(0, at + by), id, ...others.slice(at + by)] })
  }
  return (
    <Group justify="space-between" wrap="nowrap" gap={4}>
      <Switch
        label={said(SCAFFOLD_NAMES[id])}
        checked={on.includes(id)}
        onChange={() => onChange({ ...helps, on: on.includes(id) ? on.filter((each) => each !== id) : [...on, id] })}
      />
      <Group gap={0} wrap="nowrap">
        <ActionIcon
          variant="subtle"
          size="lg"
          aria-label={t`Fade ${said(SCAFFOLD_NAMES[id])} sooner`}
          disabled={at === 0}
          onClick={() => move(-1)}
        >
          <IconArrowUp size={16} />
        </ActionIcon>
        <ActionIcon
          variant="subtle"
          size="lg"
          aria-label={t`Fade ${said(SCAFFOLD_NAMES[id])} later`}
          disabled={at === order.length - 1}
          onClick={() => move(1)}
        >
          <IconArrowDown size={16} />
        </ActionIcon>
      </Group>
    </Group>
  )
}

interface HintChoiceProps<T extends string> {
  readonly name: string
  readonly value: T
  readonly values: readonly T[]
  readonly onChange: (value: T) => void
}

function Choice<T extends string>({ name, value, values, onChange }: HintChoiceProps<T>) {
  return (
    <Group justify="space-between" wrap="nowrap">
      <Text size="sm">{name}</Text>
      <Segments size="xs" aria-label={name} value={value} onChange={onChange} data={values} />
    </Group>
  )
}
