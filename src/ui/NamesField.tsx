import { said } from '../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, SimpleGrid, Stack, Text, Textarea } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { startsOf } from '../core/planning'
import { type RungId, rungOf, schools } from '../core/teaching'
import { Choice } from './Choice'
import { later } from './later'
import { NamesShared } from './NamesShared'
import { type NamedChild, type Names, type PlacingResult, keysOf, splitNames, startOf } from './people'
import { settingsQuery } from './queries'

const { Part: PlacingQuestions } = later(async () => (await import('./placing/PlacingQuestions')).PlacingQuestions)

/** More names than this are scrolled, so that what was understood of them is seen beside. */
const MOST_ROWS = 8

interface NamesFieldProps {
  readonly label: string
  readonly placeholder?: string
  readonly minRows: number
  readonly required?: boolean
  /** The names of children who are there already. */
  readonly known?: readonly string[]
  readonly value: Names
  readonly error?: ReactNode
  readonly onChange: (names: Names) => void
}

/** Children by name, with what was understood of them. */
export function NamesField({ value: names, known = [], onChange, ...field }: NamesFieldProps) {
  return (
    <>
      <Textarea
        {...field}
        description={t`One a line, typed or pasted. An age may follow: Tavi 6`}
        autosize
        maxRows={MOST_ROWS}
        value={names.text}
        onChange={(event) => onChange({ ...names, text: event.currentTarget.value })}
      />
      <NamesShared children={splitNames(names.text)} known={known} onChange={(text) => onChange({ ...names, text })} />
      <Understood names={names} onChange={onChange} />
    </>
  )
}

/** What was understood of the names that were typed, and where each child starts. */
function Understood({ names, onChange }: { readonly names: Names } & Pick<NamesFieldProps, 'onChange'>) {
  const settings = useQuery(settingsQuery)
  const [asked, setAsked] = useState<string>()
  const children = splitNames(names.text)
  if (children.length === 0 || !settings.data) return null
  const school = schools[settings.data.school]
  const keys = keysOf(children)
  const start = (child: NamedChild, key: string) => startOf(child, names.starts[key], school)
  const put = (key: string, startsAt: RungId, placed?: PlacingResult) =>
    onChange({
      ...names,
      starts: { ...names.starts, [key]: startsAt },
      placed: placed ? { ...names.placed, [key]: placed } : names.placed,
    })
  const askedChild = children.find((_, i) => keys[i] === asked)
  return (
    <Stack gap={6} component="section" aria-label={t`What was understood`}>
      <Text size="sm" className="quiet">
        <Trans>
          Starts at: a guess from the age. Change it where you know better, or find out with three quick questions. What
          comes before it counts as known until answers say otherwise.
        </Trans>
      </Text>
      <SimpleGrid cols={{ base: 1, sm: 2 }} spacing="md" verticalSpacing={6}>
        {children.map((child, i) => (
          <ChildStart
            key={keys[i]}
            child={child}
            starts={startsOf(school)}
            startsAt={start(child, keys[i] ?? '')}
            found={names.placed[keys[i] ?? '']?.found}
            onChange={(rung) => put(keys[i] ?? '', rung)}
            onAsk={() => setAsked(keys[i])}
          />
        ))}
      </SimpleGrid>
      {asked !== undefined && askedChild && (
        <PlacingQuestions
          name={askedChild.name}
          guess={start(askedChild, asked)}
          settings={settings.data}
          onPlaced={(placed) => put(asked, placed.startsAt, placed)}
          onClose={() => setAsked(undefined)}
        />
      )}
    </Stack>
  )
}

interface ChildStartProps {
  readonly child: NamedChild
  readonly starts: readonly RungId[]
  readonly startsAt: RungId
  /** What the three questions found, in words. */
  readonly found?: string
  readonly onChange: (rung: RungId) => void
  readonly onAsk: () => void
}

function ChildStart({ child: { name, age }, starts, startsAt, found, onChange, onAsk }: ChildStartProps) {
  return (
    <div>
      <Group justify="space-between" wrap="nowrap" gap="xs">
        <Text className="anywhere" style={{ flex: 1 }}>
          {age === null ? name : t`${name}, aged ${age}`}
        </Text>
        <Choice
          aria-label={t`${name} starts at`}
          data={starts.map((id) => ({ value: id, label: said(rungOf(id).name) }))}
          value={startsAt}
          onChange={onChange}
          w={140}
        />
        <Button
          variant="default"
          px="xs"
          size="sm"
          aria-label={t`Find out where ${name} starts`}
          onClick={onAsk}
        >{t`Find out`}</Button>
      </Group>
      {found !== undefined && (
        <Text size="sm" className="quiet">
          {found}
        </Text>
      )}
    </div>
  )
}
