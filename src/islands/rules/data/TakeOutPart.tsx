import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Button, Group, Text } from '@mantine/core'
import { IconDownload } from '@tabler/icons-react'
import type { DataState } from '../../../core/keeping'
import { Part } from './Part'

/** All that is kept, as one file. */
export function TakeOutPart({ state }: { state: DataState }) {
  const counts = state.counts.filter(({ count }) => count > 0).map(({ what, count }) => `${count} ${what}`)
  return (
    <Part title={t`Export`}>
      <Text size="sm">
        <Trans>
          One zip with all that is kept here: to be imported again anywhere, and as tables for a spreadsheet. It holds
          names and notes of children, so keep it where only you can open it.
        </Trans>
      </Text>
      <Text size="sm" className="quiet">
        {counts.length > 0 ? t`In it: ${counts.join(', ')}.` : t`Nothing is kept yet but the house rules.`}
      </Text>
      <Group>
        <Button
          component="a"
          href="/api/data/workspace.zip"
          download
          leftSection={<IconDownload size={18} />}
        >{t`Export`}</Button>
      </Group>
      <Text size="sm" className="quiet anywhere">
        <Trans>One child’s records alone are on the child’s own page. The data itself is in {state.file}.</Trans>
      </Text>
    </Part>
  )
}
