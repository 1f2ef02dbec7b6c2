import { t } from '@lingui/core/macro'
import { Button, Group } from '@mantine/core'
import { IconBan, IconCopy, IconPencil, IconStar, IconStarFilled, IconTrash } from '@tabler/icons-react'
import type { Settings } from '../../core/records'
import type { RungId } from '../../core/teaching'
import { useRemove } from '../../ui/removing'
import type { Listed, ActivityMark } from './useActivities'

export interface DeedsProps {
  readonly listed: Listed
  readonly settings: Settings
  /** The rung that is looked for; none where any does. */
  readonly rung: RungId | ''
  readonly onMark: (as: ActivityMark, on: boolean) => void
  readonly onCopy: () => void
  readonly onChange: () => void
  readonly onRemoved: () => void
}

export function Deeds({
  activity,
  own,
  settings,
  onMark,
  onCopy,
  onChange,
  onRemoved,
}: Omit<DeedsProps, 'listed' | 'rung'> & Listed) {
  const remove = useRemove()
  const isLiked = settings.favourites.includes(activity.id)
  const isBanned = settings.notForUs.includes(activity.id)
  return (
    <Group gap="xs">
      <Button
        variant={isLiked ? 'light' : 'default'}
        aria-pressed={isLiked}
        leftSection={isLiked ? <IconStarFilled size={18} /> : <IconStar size={18} />}
        onClick={() => onMark('favourites', !isLiked)}
      >{t`Favourite`}</Button>
      {activity.role !== 'check' && (
        <Button
          variant={isBanned ? 'light' : 'default'}
          aria-pressed={isBanned}
          leftSection={<IconBan size={18} />}
          onClick={() => onMark('notForUs', !isBanned)}
        >{t`Not for us`}</Button>
      )}
      {activity.role !== 'check' && (
        <Button variant="default" leftSection={<IconCopy size={18} />} onClick={onCopy}>{t`Change a copy`}</Button>
      )}
      {own && (
        <>
          <Button variant="default" leftSection={<IconPencil size={18} />} onClick={onChange}>{t`Change`}</Button>
          <Button
            variant="default"
            leftSection={<IconTrash size={18} />}
            onClick={() => void remove(`/api/activities/${own.id}`, own.name).then(onRemoved)}
          >{t`Remove`}</Button>
        </>
      )}
    </Group>
  )
}
