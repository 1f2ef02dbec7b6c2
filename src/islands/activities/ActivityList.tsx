import { said } from '#words'
import { t, plural } from '@lingui/core/macro'
import { Group, Text, UnstyledButton } from '@mantine/core'
import { IconBan, IconStarFilled } from '@tabler/icons-react'
import { ENERGY_NAMES, durationRange } from '../../core/activities'
import type { Settings } from '../../core/records'
import { StageTag } from '../../ui/StageTag'
import type { Listed } from './useActivities'

interface Props {
  readonly listed: readonly Listed[]
  /** How many there are in all. */
  readonly of: number
  readonly children: number
  readonly settings: Settings
  readonly picked: string | undefined
  readonly onPick: (id: string) => void
}

export function ActivityList({ listed, of, children, settings, picked, onPick }: Props) {
  return (
    <section className="sheet" aria-label={t`Found`}>
      <Text size="sm" className="quiet" mb={6} role="status">
        {t`${listed.length} of ${of}, for ${plural(children, { one: '# child', other: '# children' })}`}
      </Text>
      <ul className="activities-list" aria-label={t`Activities`}>
        {listed.map(({ activity, own }) => (
          <li key={activity.id}>
            <UnstyledButton
              className="activities-entry"
              aria-current={activity.id === picked || undefined}
              onClick={() => onPick(activity.id)}
            >
              <Group gap={6} wrap="nowrap">
                <Text span fw={600} size="sm" className="anywhere" style={{ flex: 1 }}>
                  {said(activity.name)}
                </Text>
                {settings.favourites.includes(activity.id) && (
                  <IconStarFilled size={16} color="var(--attention)" aria-label={t`favourite`} />
                )}
                {settings.notForUs.includes(activity.id) && <IconBan size={16} aria-label={t`not for us`} />}
                <StageTag stage={activity.stage} />
              </Group>
              <Text size="xs" className="quiet">
                {[
                  t`${durationRange(activity, children).usual} min`,
                  said(ENERGY_NAMES[activity.energy]),
                  ...(own ? [t`your own`] : []),
                ].join(', ')}
              </Text>
            </UnstyledButton>
          </li>
        ))}
      </ul>
    </section>
  )
}
