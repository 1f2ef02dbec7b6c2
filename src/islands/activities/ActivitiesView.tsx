import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { LONGEST_NAME } from '../../core/records'
import { Button, Group, Stack, Text, Title } from '@mantine/core'
import { IconPlus } from '@tabler/icons-react'
import { useState } from 'react'
import { type Activity, EMPTY_OWN, ownBodyOf, withTexts } from '../../core/activities'
import type { ActivitiesData } from '../../core/records'
import { useAddress, useInAddress } from '../../ui/address'
import { App, type Page } from '../../ui/App'
import { ErrorBoundary } from '../../ui/ErrorBoundary'
import { Loaded } from '../../ui/Loaded'
import { newId } from '../../ui/api'
import { later } from '../../ui/later'
import { ActivityDetails } from './ActivityDetails'
import { ActivityList } from './ActivityList'
import { FilterRow } from './FilterRow'
import { type Filter, filterIn, isShown, putFilter } from './filter'
import { type OwnActivity, listActivities, useActivities } from './useActivities'
import './activities.css'

const form = later(async () => (await import('./OwnForm')).OwnForm)

export default function ActivitiesView(page: Page) {
  return (
    <App {...page}>
      <ActivitiesPage />
    </App>
  )
}

function ActivitiesPage() {
  const all = useActivities()
  return <Loaded query={all.query}>{(data) => <Board data={data} all={all} />}</Loaded>
}

interface BoardProps {
  readonly data: ActivitiesData
  readonly all: ReturnType<typeof useActivities>
}

/** Everything that a session can be planned from: found, marked, copied, written. */
function Board({ data, all }: BoardProps) {
  const [picked, pick] = useInAddress('activity')
  const [draft, setDraft] = useState<OwnActivity>()
  const close = (saved?: OwnActivity) => {
    setDraft(undefined)
    if (saved) pick(saved.id)
  }
  if (draft) return <form.Part draft={draft} save={all.save} onClose={close} />
  return (
    <Stack>
      <Group justify="space-between">
        <Title order={1} size="h2">{t`Activities`}</Title>
        <Button
          leftSection={<IconPlus size={18} />}
          onClick={() => setDraft({ id: newId(), name: '', body: EMPTY_OWN, version: 0 })}
        >{t`Write your own`}</Button>
      </Group>
      <Found data={data} all={all} picked={picked} onPick={pick} onDraft={setDraft} />
    </Stack>
  )
}

interface FoundActivitiesProps extends Pick<BoardProps, 'data' | 'all'> {
  readonly picked: string | undefined
  readonly onPick: (id: string) => void
  readonly onDraft: (draft: OwnActivity | undefined) => void
}

function Found({ data: { own, settings }, all, picked, onPick, onDraft }: FoundActivitiesProps) {
  const filter = filterIn(useAddress())
  const setFilter = (next: Filter) => putFilter(filter, next)
  const listed = listActivities(own)
  const shown = listed.filter((each) => isShown(each, filter, settings))
  const open = shown.find(({ activity }) => activity.id === picked) ?? shown[0]
  return (
    <>
      <FilterRow filter={filter} onChange={setFilter} />
      <div className="activities-board">
        <ErrorBoundary what={t`The list`}>
          <ActivityList
            listed={shown}
            of={listed.length}
            children={filter.children}
            settings={settings}
            picked={open?.activity.id}
            onPick={onPick}
          />
        </ErrorBoundary>
        {open ? (
          <ErrorBoundary key={open.activity.id} what={t`The activity`}>
            <ActivityDetails
              listed={open}
              settings={settings}
              rung={filter.rung}
              onMark={(as, on) => all.mark({ id: open.activity.id, as, on })}
              onCopy={() => onDraft(copyOf(open.activity))}
              onChange={() => onDraft(open.own)}
              onRemoved={all.refresh}
            />
          </ErrorBoundary>
        ) : (
          <Text className="sheet">{t`Nothing is like that. Take away a wish, or write your own.`}</Text>
        )}
      </div>
    </>
  )
}

/** What says that a copy is one's own has so many letters at most, in any language. */
const ROOM_FOR_OURS = 10

function copyOf(activity: Activity): OwnActivity {
  const whole = withTexts(activity, (text) => said(text))
  const name = t`${whole.name.slice(0, LONGEST_NAME - ROOM_FOR_OURS)}, ours`
  return { id: newId(), name, body: ownBodyOf(whole), version: 0 }
}
