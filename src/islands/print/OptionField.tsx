import { said } from '../../words/i18n'
import { Switch, Text, TextInput } from '@mantine/core'
import { useMounted } from '@mantine/hooks'
import { useState } from 'react'
import { unreachable } from '../../core/errors'
import {
  type ChoiceOption,
  type FlagOption,
  type LevelOption,
  type NumbersOption,
  type OptionId,
  PRINT_OPTIONS,
  type PrintOption,
  type TextOption,
  type WholeOption,
  usualOf,
} from '../../core/printables'
import type { RungId } from '../../core/teaching'
import { Choice } from '../../ui/Choice'
import type { DayRow, PictureId } from '../../core/days'
import { PictureField } from '../../ui/pictures/PictureField'
import { later } from '../../ui/later'
import { PrintableText } from './PrintableText'
import type { PrintState } from './usePrint'
import { NumberField } from '../../ui/NumberField'
import { Segments } from '../../ui/Segments'

/** More than these do not fit side by side in the narrow column. */
const MOST_SIDE_BY_SIDE = 4
const LONGEST_SIDE_BY_SIDE = 24

/** Options that are typed: on the way to a value they may be none yet. */
const TYPED: readonly PrintOption['type'][] = ['text', 'rows', 'numbers']

/** What reads rows of a day comes when it is needed. */
const rowsField = later(async () => (await import('./RowsField')).RowsField)

interface FieldOf<Option, Value> {
  readonly option: Option
  readonly value: Value | undefined
  readonly onChange: (value: Value | undefined) => void
  readonly rung: RungId
  /** Of the values those that suit the printable, where not all do. */
  readonly only?: readonly string[]
}

/** The field of one option of the core's table: its type says which. */
export function OptionField({ state, id }: { state: PrintState; id: OptionId }) {
  const option: PrintOption = PRINT_OPTIONS[id]
  const { picked, options } = state
  const isMounted = useMounted()
  // What is being typed stands as it was typed; anything else as the print takes it.
  const value: unknown = (TYPED.includes(option.type) ? picked.choices[id] : undefined) ?? options[id] ?? usualOf(id)
  const onChange = (next: unknown) => state.choose({ [id]: next })
  const shared = { onChange, rung: state.picked.rung }
  switch (option.type) {
    case 'choice':
      return (
        <ChoiceField
          option={option}
          value={value as string | undefined}
          only={id === 'size' ? state.printable.sizes : undefined}
          {...shared}
        />
      )
    case 'level':
      return <LevelField option={option} value={value as number | undefined} {...shared} />
    case 'whole':
      return <WholeNumberField option={option} value={value as number | undefined} {...shared} />
    case 'flag':
      return <FlagField option={option} value={value === true} {...shared} />
    case 'text':
      return <TextField option={option} value={value as string | undefined} {...shared} />
    case 'picture':
      return (
        <PictureField
          label={said(option.label)}
          help={option.help && said(option.help)}
          value={value as PictureId | undefined}
          onChange={onChange}
          language={options.wording.language}
        />
      )
    case 'rows':
      // The server cannot wait for a part that is fetched: it leaves the field out.
      return (
        isMounted && (
          <rowsField.Part
            option={option}
            value={value as readonly DayRow[] | undefined}
            language={options.wording.language}
            onChange={onChange}
          />
        )
      )
    case 'numbers':
      return <NumbersField option={option} value={value as readonly number[] | undefined} {...shared} />
    case 'weights':
      return null
    default:
      return unreachable(option)
  }
}

function FlagField({ option: { label }, value, onChange }: FieldOf<FlagOption, boolean>) {
  return <Switch label={said(label)} checked={value} onChange={(event) => onChange(event.currentTarget.checked)} />
}

function TextField({ option: { label, none, longest }, value = '', onChange }: FieldOf<TextOption, string>) {
  return (
    <>
      <TextInput
        label={said(label)}
        placeholder={none && said(none)}
        value={value}
        maxLength={longest}
        onChange={(event) => onChange(event.currentTarget.value)}
      />
      <PrintableText text={value} />
    </>
  )
}

function ChoiceField({ option, value, onChange, rung, only }: FieldOf<ChoiceOption, string>) {
  const { label, help, values, none, limit } = option
  const suited = Object.entries(values).filter(
    ([id]) => (only?.includes(id) ?? true) && (limit === undefined || limit.suits(id, rung)),
  )
  const data = suited.map(([id, name]) => ({ value: id, label: said(name) }))
  if (
    none === undefined &&
    Object.keys(values).length <= 2 &&
    data.every((each) => each.label.length < LONGEST_SIDE_BY_SIDE)
  )
    return <Segments fullWidth aria-label={said(label)} value={value} onChange={onChange} data={data} />
  return (
    <Choice
      label={said(label)}
      description={help && said(help)}
      value={value ?? ''}
      onChange={(chosen) => onChange(chosen || undefined)}
      data={none === undefined ? data : [{ value: '', label: said(none) }, ...data]}
    />
  )
}

function LevelField({ option, value, onChange, rung }: FieldOf<LevelOption, number>) {
  const { label, values, names, limit } = option
  const data = values
    .map((each, i) => ({ value: String(each), label: names[i] ? said(names[i]) : String(each) }))
    .filter((each) => limit === undefined || limit.suits(Number(each.value), rung))
  if (data.length < 2) return null
  const shown = { value: String(value), data }
  if (values.length > MOST_SIDE_BY_SIDE || data.some((each) => each.label.length >= LONGEST_SIDE_BY_SIDE))
    return <Choice label={said(label)} {...shown} onChange={(chosen) => onChange(Number(chosen))} />
  return (
    <div>
      <Text size="sm" fw={500}>
        {said(label)}
      </Text>
      <Segments fullWidth aria-label={said(label)} {...shown} onChange={(chosen) => onChange(Number(chosen))} />
    </div>
  )
}

function WholeNumberField({ option, value, onChange }: FieldOf<WholeOption, number>) {
  return (
    <NumberField
      label={said(option.label)}
      description={option.help && said(option.help)}
      placeholder={option.none && said(option.none)}
      value={value ?? ''}
      // Without a usual value the field may be left empty; with one, an empty field keeps what stood there.
      onChange={(next) =>
        (typeof next === 'number' || option.usual === undefined) && onChange(next === '' ? undefined : Number(next))
      }
      keepsOutside
    />
  )
}

/** Keeps what is typed, since "1, 2," is on its way to a third number. */
function NumbersField({ option, value, onChange }: FieldOf<NumbersOption, readonly number[]>) {
  const [typed, setTyped] = useState(value?.join(', ') ?? '')
  const isSame = numbersIn(typed).join() === (value ?? []).join()
  return (
    <TextInput
      label={said(option.label)}
      description={option.help && said(option.help)}
      placeholder={option.example}
      value={isSame ? typed : (value?.join(', ') ?? '')}
      maxLength={80}
      onChange={(event) => {
        setTyped(event.currentTarget.value)
        onChange(numbersIn(event.currentTarget.value))
      }}
    />
  )
}

function numbersIn(text: string): number[] {
  return text
    .split(/[ ,;]+/)
    .filter(Boolean)
    .map(Number)
}
