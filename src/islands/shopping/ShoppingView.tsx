import { said } from '../../words/i18n'
import { told, unitFor } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, Button, Group, Stack, Text, Title, Table } from '@mantine/core'
import { IconPrinter } from '@tabler/icons-react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { MaterialId } from '../../core/activities'
import { dateAfter } from '../../core/clock'
import { type ShoppedSession, type ShoppingEntry, haveClocks, shoppingList } from '../../core/planning'
import type { LogData, Settings } from '../../core/records'
import { App, type Page } from '../../ui/App'
import { Choice, listed } from '../../ui/Choice'
import { Loaded } from '../../ui/Loaded'
import { api } from '../../ui/api'
import { dayInWords, today } from '../../ui/dates'
import { logQuery, settingsQuery } from '../../ui/queries'
import { NumberField } from '../../ui/NumberField'
import './shopping.css'

export default function ShoppingView(page: Page) {
  return (
    <App {...page}>
      <ShoppingPage />
    </App>
  )
}

function ShoppingPage() {
  const log = useQuery(logQuery)
  const settings = useQuery(settingsQuery)
  return (
    <Loaded query={log}>
      {(data) => <Loaded query={settings}>{(rules) => <Board data={data} settings={rules} />}</Loaded>}
    </Loaded>
  )
}

const SPANS = {
  week: told('the next seven days'),
  month: told('the next four weeks'),
  all: told('all that is planned'),
} as const
type Span = keyof typeof SPANS
const SPAN_DAYS: Readonly<Record<Span, number>> = { week: 7, month: 28, all: 3650 }

/** What all sessions of a time need together, with what is in the cupboard taken off. */
function Board({ data, settings }: { data: LogData; settings: Settings }) {
  const [span, setSpan] = useState<Span>('week')
  const sessions = sessionsIn(data, span)
  const list = shoppingList(sessions, settings.cupboard)
  return (
    <Stack>
      <Group justify="space-between" align="end">
        <Title order={1} size="h2">{t`What you need`}</Title>
        <Group gap="xs" align="end" className="no-print">
          <Choice label={t`For`} value={span} data={listed(SPANS)} onChange={setSpan} />
          <Button leftSection={<IconPrinter size={18} />} onClick={() => window.print()}>{t`Print the list`}</Button>
        </Group>
      </Group>
      {sessions.length === 0 ? (
        <Text className="sheet">
          <Trans>
            No session is planned for {said(SPANS[span])}. Build one on{' '}
            <Anchor href="/" underline="always">
              Today
            </Anchor>
            , and this list has what it needs.
          </Trans>
        </Text>
      ) : (
        <section className="sheet" aria-label={t`The list`}>
          <Text size="sm" className="quiet anywhere" mb={6}>
            {sessions.map(({ name }) => name).join('; ')}
          </Text>
          <List list={list} />
        </section>
      )}
    </Stack>
  )
}

function sessionsIn({ sessions, groups }: LogData, span: Span): ShoppedSession[] {
  const from = today()
  const until = dateAfter(from, SPAN_DAYS[span])
  return sessions
    .filter(({ doneAt, date }) => doneAt === null && date >= from && date <= until)
    .reverse()
    .flatMap(({ plan, groupId, date, materials }) => {
      const group = groups.find(({ id }) => id === groupId)
      const name = `${group?.name ?? ''}, ${dayInWords(date)}`
      const hasClocks = haveClocks(
        sessions.filter((session) => session.groupId === groupId),
        null,
      )
      return group ? [{ plan, materials, hasClocks, children: group.childIds, name }] : []
    })
}

function List({ list }: { list: readonly ShoppingEntry[] }) {
  return (
    <Table className="shopping">
      <Table.Thead>
        <Table.Tr>
          <Table.Th>{t`What`}</Table.Th>
          <Table.Th>{t`Needed`}</Table.Th>
          <Table.Th>{t`In the cupboard`}</Table.Th>
          <Table.Th ta="right">{t`To get`}</Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {list.map((entry) => (
          <Table.Tr key={entry.material}>
            <Table.Th scope="row">{said(entry.name)}</Table.Th>
            <Table.Td className="anywhere">
              {inUnits(entry.needed, entry)}
              <Text size="xs" className="quiet">
                {[...new Set(entry.for)].join('; ')}
              </Text>
            </Table.Td>
            <Table.Td>
              <Have material={entry.material} name={said(entry.name)} have={entry.have} />
            </Table.Td>
            <Table.Td ta="right">
              <ToGet entry={entry} />
            </Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  )
}

function ToGet({ entry }: { entry: ShoppingEntry }) {
  const { get, needed, standIn } = entry
  if (get === undefined)
    return (
      <>
        <Trans>not counted: {inUnits(needed, entry)} needed</Trans>
      </>
    )
  if (get === 0) return <strong>{t`nothing`}</strong>
  return (
    <>
      <strong>{inUnits(get, entry)}</strong>
      {standIn && (
        <Text size="xs" className="quiet">
          <Trans>or {said(standIn)}</Trans>
        </Text>
      )}
    </>
  )
}

const inUnits = (amount: number, { unit }: Pick<ShoppingEntry, 'unit'>) => `${amount} ${said(unitFor(unit, amount))}`

/** How much of it there is; an empty field is not counted. It is kept when the field is left. */
function Have({ material, name, have }: { material: MaterialId; name: string; have: number | undefined }) {
  const client = useQueryClient()
  const [typed, setTyped] = useState<number | string>(have ?? '')
  const save = useMutation({
    scope: { id: 'cupboard' },
    mutationFn: async (amount: number | undefined) => {
      const settings = await api.get<Settings>('/api/settings')
      return api.put<Settings>('/api/settings', { ...settings, cupboard: { ...settings.cupboard, [material]: amount } })
    },
    onSuccess: (settings) => client.setQueryData(settingsQuery.queryKey, settings),
  })
  const amount = typed === '' ? undefined : Number(typed)
  const isRight = amount === undefined || (Number.isInteger(amount) && amount >= 0 && amount <= MOST)
  return (
    <NumberField
      decimals={2}
      aria-label={t`In the cupboard: ${name}`}
      placeholder={t`not counted`}
      value={typed}
      min={0}
      max={MOST}
      keepsOutside
      error={isRight ? undefined : t`0 to ${MOST}, whole`}
      onChange={setTyped}
      onBlur={() => isRight && amount !== have && save.mutate(amount)}
      w={130}
    />
  )
}

const MOST = 9999
