import { Group, Stack, Text, Textarea } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { startsOf } from '../core/planning'
import { type RungId, rungOf, schools } from '../core/teaching'
import { Choice } from './Choice'
import { type NamedChild, type Starts, splitNames, startOf } from './people'
import { settingsQuery } from './queries'

export interface Names {
  readonly text: string
  readonly starts: Starts
}

export const NO_NAMES: Names = { text: '', starts: {} }

interface NamesFieldProps {
  readonly label: string
  readonly placeholder?: string
  readonly minRows: number
  readonly required?: boolean
  readonly names: Names
  readonly onChange: (names: Names) => void
}

/** Children by name, with what was understood of them. */
export function NamesField({ names, onChange, ...field }: NamesFieldProps) {
  return (
    <>
      <Textarea
        {...field}
        description="One a line, or with commas. An age may follow: Tavi 6"
        autosize
        value={names.text}
        onChange={(event) => onChange({ ...names, text: event.currentTarget.value })}
      />
      <Understood
        children={splitNames(names.text)}
        starts={names.starts}
        onChange={(starts) => onChange({ ...names, starts })}
      />
    </>
  )
}

interface UnderstoodProps {
  readonly children: readonly NamedChild[]
  readonly starts: Starts
  readonly onChange: (starts: Starts) => void
}

/** What was understood of the names that were typed, and where each child starts. */
function Understood({ children, starts, onChange }: UnderstoodProps) {
  const settings = useQuery(settingsQuery)
  if (children.length === 0 || !settings.data) return null
  const school = schools[settings.data.school]
  const data = startsOf(school).map((id) => ({ value: id, label: rungOf(id).name }))
  return (
    <Stack gap={6} component="section" aria-label="What was understood">
      <Text size="sm" className="quiet">
        Starts at: a guess from the age. Change it where you know better; what comes before it counts as known until
        answers say otherwise.
      </Text>
      {children.map((child, i) => (
        <Group key={`${child.name} ${i}`} justify="space-between" wrap="nowrap" gap="xs">
          <Text className="anywhere" style={{ flex: 1 }}>
            {child.name}
            {child.age !== null && `, aged ${child.age}`}
          </Text>
          <Choice
            aria-label={`${child.name} starts at`}
            data={data}
            value={startOf(child, starts, school)}
            onChange={(rung: RungId) => onChange({ ...starts, [child.name]: rung })}
            w={220}
          />
        </Group>
      ))}
    </Stack>
  )
}
