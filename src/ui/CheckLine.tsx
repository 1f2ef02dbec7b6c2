import { t } from '@lingui/core/macro'
import { Text } from '@mantine/core'
import { IconAlertTriangle, IconCheck } from '@tabler/icons-react'
import type { ReactNode } from 'react'

/** One rule: whether it holds, what it says, and what would mend it. */
export function CheckLine({ ok, says, children }: { ok: boolean; says: string; children?: ReactNode }) {
  return (
    <li
      style={{
        display: 'flex',
        gap: 8,
        padding: '3px 0',
        color: ok ? undefined : 'var(--attention)',
        fontWeight: ok ? undefined : 600,
      }}
    >
      <span style={{ flex: 'none', paddingTop: 2 }}>
        {ok ? (
          <IconCheck size={17} color="var(--moss)" role="img" aria-label={t`holds`} />
        ) : (
          <IconAlertTriangle size={17} role="img" aria-label={t`to mend`} />
        )}
      </span>
      <div>
        <Text span size="sm" fw="inherit">
          {says}
        </Text>
        {children}
      </div>
    </li>
  )
}

/** The name of the tab that has checks. */
export const checksTab = (broken: number) => (broken === 0 ? t`Checks` : t`Checks (${broken} to mend)`)
