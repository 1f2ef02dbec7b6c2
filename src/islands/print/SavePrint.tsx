import { t } from '@lingui/core/macro'
import { Button, Menu } from '@mantine/core'
import { LONG_MS, tell } from '../../ui/notices'
import { IconDownload } from '@tabler/icons-react'
import { type Drawing, toSvg } from '../../core/drawing'
import { itemRows } from '../../core/printables'
import { inReach } from '../../ui/codeInReach'
import { saveBlob, saveFile } from '../../ui/files'
import { useOwnMenu } from '../../ui/useOwnMenu'
import { withOutlines } from '../../ui/outlines'
import type { PrintState } from './usePrint'

const tables = inReach(() => import('papaparse'))
const pictures = inReach(() => import('./png'))

/** The pages as SVG or PNG, the questions as CSV or JSON; open at first, since it comes when it is asked for. */
export function SavePrint({ state: { print, options, picked } }: { state: PrintState }) {
  const { target, menu } = useOwnMenu()
  const name = `${picked.id}-${picked.seed}`
  const rows = () => itemRows(print?.items ?? [], options.wording)
  const pages = print?.pages ?? []
  const svgs = (drawings: readonly Drawing[], part: string) =>
    void withOutlines(drawings, (page, i) => saveFile(`${name}${part}-${i + 1}.svg`, 'image/svg+xml', toSvg(page)))
  const csv = async () => {
    const { unparse } = await tables()
    const fields = [t`Number`, t`Step`, t`On the clock`, t`Until`, t`What is asked`, t`Answer`, t`Wrong choices`]
    saveFile(`${name}.csv`, 'text/csv', unparse({ fields, data: rows().map((row) => Object.values(row)) }))
  }
  const json = () => {
    const { id, seed } = picked
    const whole = { format: 'ripe-acorn-print', version: 1, printable: id, seed, options, items: rows() }
    saveFile(`${name}.json`, 'application/json', JSON.stringify(whole, null, 2))
  }
  const pngs = async () => {
    try {
      const { pngOf } = await pictures()
      for (const [i, page] of pages.entries()) saveBlob(`${name}-${i + 1}.png`, await pngOf(page))
    } catch (error) {
      void tell({
        title: t`No picture was made`,
        message: error instanceof Error ? error.message : String(error),
        color: 'oak',
        autoClose: LONG_MS,
      })
    }
  }
  return (
    <Menu {...menu}>
      <Menu.Target>
        <Button
          ref={target}
          variant="default"
          disabled={!print}
          leftSection={<IconDownload size={18} />}
        >{t`Download`}</Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={() => svgs(pages, '')}>{t`Pages as SVG`}</Menu.Item>
        <Menu.Item onClick={() => svgs(print?.key ?? [], '-key')}>{t`Answers as SVG`}</Menu.Item>
        <Menu.Item onClick={() => void pngs()}>{t`Pages as PNG, 300 dpi`}</Menu.Item>
        <Menu.Item onClick={() => void csv()}>{t`Questions as CSV`}</Menu.Item>
        <Menu.Item onClick={json}>{t`Questions as JSON`}</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  )
}
