import { said } from '../words/i18n'
import { IconAbc, IconHandStop, IconPhoto } from '@tabler/icons-react'
import { KIND_NAMES, type Stage } from '../core/teaching'

const ICONS = { concrete: IconHandStop, pictorial: IconPhoto, abstract: IconAbc } as const

/** A stage by its icon, its word and its tint. */
export function StageTag({ stage, short = false }: { stage: Stage; short?: boolean }) {
  const Icon = ICONS[stage]
  return (
    <span className={`stage-tag stage-${stage}`}>
      <Icon
        size={15}
        aria-hidden={!short}
        aria-label={short ? said(KIND_NAMES[stage]) : undefined}
        role={short ? 'img' : undefined}
      />
      {!short && said(KIND_NAMES[stage])}
    </span>
  )
}
