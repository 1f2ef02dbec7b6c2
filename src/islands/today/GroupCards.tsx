import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, SimpleGrid, Text, TextInput } from '@mantine/core'
import { useState } from 'react'
import type { GroupOverview, Overview } from '../../core/records'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Fold } from '../../ui/Fold'
import { dayInWords } from '../../ui/dates'
import { GroupCard } from './GroupCard'

/** So many groups are there whole; of more, those that are asked about and those that meet first. */
const MOST_CARDS = 6

/** When a group needs the adult, in an order of text: something to be said first, nothing planned last. */
const whenNeeded = ({ unsaid, next }: GroupOverview): string => {
  if (unsaid.length > 0) return ''
  return next ? `${next.date} ${String(next.start).padStart(4, '0')}` : '~'
}

/** By the characters alone: in a language's own order a sign comes before all figures. */
function byNeed(a: GroupOverview, b: GroupOverview): number {
  const [first, second] = [whenNeeded(a), whenNeeded(b)]
  return first < second ? -1 : first > second ? 1 : 0
}

/** The groups, the one that needs the adult first at the head. Where there are many, one is found by its name. */
export function GroupCards({ overview }: { overview: Overview }) {
  const [typed, setTyped] = useState('')
  const wanted = typed.trim().toLocaleLowerCase()
  const inOrder = [...overview.groups].sort(byNeed)
  const found = inOrder.filter(({ group }) => group.name.toLocaleLowerCase().includes(wanted))
  const soonest = inOrder.find(({ next }) => next)?.next?.id
  return (
    <>
      {inOrder.length > MOST_CARDS && (
        <TextInput
          label={t`Find a group`}
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
          maw={380}
        />
      )}
      {found.length === 0 && <Text>{t`No group is called that.`}</Text>}
      <SimpleGrid cols={{ base: 1, md: 2 }} spacing="md">
        {found.slice(0, MOST_CARDS).map((group) => (
          <ErrorBoundary key={group.group.id} what={group.group.name}>
            <GroupCard
              overview={group}
              settings={overview.settings}
              isSoonest={soonest === undefined || group.next?.id === soonest}
            />
          </ErrorBoundary>
        ))}
      </SimpleGrid>
      <Others groups={found.slice(MOST_CARDS)} />
    </>
  )
}

/** A line for each group that meets later. */
function Others({ groups }: { groups: readonly GroupOverview[] }) {
  if (groups.length === 0) return null
  return (
    <section className="sheet" aria-label={t`Other groups`}>
      <Fold title={groups.length === 1 ? t`One more group` : t`${groups.length} more groups`} isLong>
        <ul style={{ listStyle: 'none', margin: 0, padding: 0 }}>
          {groups.map(({ group, next, children }) => (
            <li key={group.id} className="anywhere">
              <Anchor href={`/groups/${group.id}`} className="finger" underline="always">
                {group.name}
              </Anchor>{' '}
              {t`${plural(children.length, { one: '# child', other: '# children' })}`},{' '}
              {next ? (
                <Anchor href={`/plan/${next.id}`} underline="always">
                  <Trans>next {dayInWords(next.date)}</Trans>
                </Anchor>
              ) : (
                t`nothing planned`
              )}
            </li>
          ))}
        </ul>
      </Fold>
    </section>
  )
}
