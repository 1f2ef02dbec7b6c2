import { labelled } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { Anchor, Button, Popover, Stack, Switch } from '@mantine/core'
import { IconSettings } from '@tabler/icons-react'
import { Choice } from '../../ui/Choice'
import type { Sound } from './useVoice'

const RATES = [
  { value: '0.7', label: told('Slow') },
  { value: '0.9', label: told('Calm') },
  { value: '1.1', label: told('Quick') },
] as const
const VOLUMES = [
  { value: '0.3', label: told('Soft') },
  { value: '0.6', label: told('Middling') },
  { value: '1', label: told('Loud') },
] as const

/** What of the stage can be chosen while a game runs. */
export interface StageLook {
  readonly isLed: boolean
  readonly isTimed: boolean
}

interface SoundMenuProps {
  readonly sound: Sound
  readonly onSound: (sound: Sound) => void
  readonly look: StageLook
  readonly onLook: (look: StageLook) => void
}

/** The voice, the minutes as numbers, and the leader's own picture: here, or on a screen of its own. */
export function SoundMenu({ sound, onSound, look, onLook }: SoundMenuProps) {
  return (
    <Popover width={280} position="top" withArrow shadow="md">
      <Popover.Target>
        <Button size="lg" variant="default" aria-label={t`Voice and picture`}>
          <IconSettings />
        </Button>
      </Popover.Target>
      <Popover.Dropdown>
        <Stack gap="sm">
          <Choice
            label={t`Voice`}
            value={String(sound.rate) as (typeof RATES)[number]['value']}
            onChange={(rate) => onSound({ ...sound, rate: Number(rate) })}
            data={labelled(RATES)}
          />
          <Choice
            label={t`Loudness`}
            value={String(sound.volume) as (typeof VOLUMES)[number]['value']}
            onChange={(volume) => onSound({ ...sound, volume: Number(volume) })}
            data={labelled(VOLUMES)}
          />
          <Switch
            label={t`Minutes left as a number`}
            checked={look.isTimed}
            onChange={(event) => onLook({ ...look, isTimed: event.currentTarget.checked })}
          />
          <Switch
            label={t`My own picture`}
            checked={look.isLed}
            onChange={(event) => onLook({ ...look, isLed: event.currentTarget.checked })}
          />
          <Anchor href="/play?view=leader" target="_blank">{t`My picture on a screen of its own`}</Anchor>
        </Stack>
      </Popover.Dropdown>
    </Popover>
  )
}
