import { adultsWording } from '../../words/adult'
import { said, saidAll } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Anchor, Group, Stack, Text, Title } from '@mantine/core'
import { useState } from 'react'
import { type Activity, materials, placeNames, standInFor, wordsOn } from '../../core/activities'
import { activityNotes } from '../../core/planning'
import { type Settings, wordingOf } from '../../core/records'
import { type RungId, rungOf, saidToChild } from '../../core/teaching'
import { unitFor } from '../../core/wording'
import { Cautions } from '../../ui/Cautions'
import { Choice } from '../../ui/Choice'
import { StageTag } from '../../ui/StageTag'
import { PutIntoSession } from './PutIntoSession'
import { Deeds, type DeedsProps } from './ActivityDeeds'

/** One activity whole: what it is for, how it goes, what to say and ask, what may go wrong, what it needs. */
export function ActivityDetails({ listed, settings, rung: wanted, ...deeds }: DeedsProps) {
  const { activity, own } = listed
  const [shown, setShown] = useState<RungId>()
  const rung = shown ?? (wanted !== '' && activity.rungs.includes(wanted) ? wanted : activity.rungs[0])
  return (
    <section className="sheet" aria-label={said(activity.name)}>
      <Stack gap="sm">
        <Group justify="space-between" align="start" wrap="nowrap">
          <Title order={2} size="h3" className="anywhere">
            {said(activity.name)}
          </Title>
          <StageTag stage={activity.stage} />
        </Group>
        <Deeds activity={activity} own={own} settings={settings} {...deeds} />
        {activity.rungs.length > 1 && rung && (
          <Choice
            label={t`As it is for`}
            value={rung}
            data={activity.rungs.map((id) => ({ value: id, label: said(rungOf(id).name) }))}
            onChange={setShown}
          />
        )}
        {rung && <Words activity={activity} rung={rung} settings={settings} />}
        <Needed activity={activity} rung={rung} />
        <Cautions ids={activity.cautions} />
        <PutIntoSession activity={activity} />
      </Stack>
    </section>
  )
}

function Words({ activity, rung, settings }: { activity: Activity; rung: RungId; settings: Settings }) {
  const words = wordsOn(activity, rung)
  // The page is for the adult, in their language; times are said as the house rules say them where those are in it.
  const adults = adultsWording()
  const isSame = settings.language.slice(0, 2) === adults.language.slice(0, 2)
  const wording = isSame ? wordingOf(settings) : { ...adults, form: settings.form }
  const say = said(words.say)
  const { objective, questions, wrong } = activityNotes(activity, rung, wording)
  const isTaught = activity.role === 'teach'
  return (
    <Stack gap={6}>
      {isTaught && <Text fw={600}>{objective}</Text>}
      <ol style={{ margin: 0, paddingLeft: 20 }}>
        {saidAll(words.steps).map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ol>
      <Line name={t`Say`} text={say && t`“${say}”`} />
      {isTaught && <Line name={t`Ask`} text={questions.join(' ')} />}
      <Line name={t`Look for`} text={said(words.lookFor)} />
      <Line name={t`Easier`} text={said(words.easier)} />
      <Line name={t`Harder`} text={said(words.harder)} />
      {isTaught && wrong.length > 0 && (
        <>
          <Text fw={600}>{t`What may go wrong, and what to say then`}</Text>
          <ul style={{ margin: 0, paddingLeft: 20 }}>
            {wrong.map(({ id, does }) => (
              <li key={id}>
                <Trans>
                  A child {said(does)}: “{saidToChild(id, wording.language)}”
                </Trans>
              </li>
            ))}
          </ul>
        </>
      )}
    </Stack>
  )
}

function Line({ name, text }: { name: string; text: string }) {
  if (text === '') return null
  return (
    <Text size="sm">
      <strong>{name}:</strong> {text}
    </Text>
  )
}

/** What it needs, what does as well, where it can be, and where its pages are. */
function Needed({ activity, rung }: { activity: Activity; rung: RungId | undefined }) {
  const { needs, places, players, prints, game } = activity
  return (
    <Stack gap={4}>
      <Line name={t`Where`} text={places.map((place) => said(placeNames[place])).join(', ')} />
      <Line
        name={t`For`}
        text={
          players.least === players.most
            ? t`${players.least} children`
            : t`${players.least} to ${players.most} children`
        }
      />
      {needs.length > 0 && (
        <ul style={{ margin: 0, paddingLeft: 20, fontSize: 14 }} aria-label={t`Needed`}>
          {needs.map(({ material, amount, per }) => {
            const { name, unit } = materials[material]
            const standIn = standInFor(material)
            return (
              <li key={material}>
                {said(name)}: {amount} {said(unitFor(unit, amount))} {per === 'child' ? t`a child` : t`in all`}
                {standIn && ` (${t`or ${said(standIn)}`})`}
              </li>
            )
          })}
        </ul>
      )}
      <Group gap="md">
        {prints === 'paper-clock' && <Anchor className="finger" href="/make">{t`Its clock in the Workbench`}</Anchor>}
        {prints !== 'none' && prints !== 'paper-clock' && (
          <Anchor
            href={`/print?printable=${prints}${rung ? `&rung=${rung}` : ''}`}
          >{t`Its pages in the Print room`}</Anchor>
        )}
        {game && <Anchor href={`/play?game=${game}`}>{t`Play its game now`}</Anchor>}
      </Group>
    </Stack>
  )
}
