import { Button, Menu } from '@mantine/core'
import { IconDownload } from '@tabler/icons-react'
import { unparse } from 'papaparse'
import { itemRows, toSvg } from '../../core'
import { saveFile } from '../../ui/files'
import type { PrintState } from './usePrint'

/** The pages as SVG, the questions as CSV or JSON. */
export function SavePrint({ state: { print, options, picked } }: { state: PrintState }) {
  const name = `${picked.id}-${picked.seed}`
  const rows = () => itemRows(print?.items ?? [], options.wording)
  return (
    <Menu>
      <Menu.Target>
        <Button variant="default" disabled={!print} leftSection={<IconDownload size={18} />}>
          Save
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={() => print?.pages.forEach((page, i) => saveFile(`${name}-${i + 1}.svg`, 'image/svg+xml', toSvg(page)))}>Pages as SVG</Menu.Item>
        <Menu.Item onClick={() => print?.key.forEach((page, i) => saveFile(`${name}-key-${i + 1}.svg`, 'image/svg+xml', toSvg(page)))}>Key as SVG</Menu.Item>
        <Menu.Item onClick={() => saveFile(`${name}.csv`, 'text/csv', unparse(rows()))}>Questions as CSV</Menu.Item>
        <Menu.Item onClick={() => saveFile(`${name}.json`, 'application/json', JSON.stringify({ format: 'ripe-acorn-print', version: 1, printable: picked.id, seed: picked.seed, options, items: rows() }, null, 2))}>Questions as JSON</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  )
} // prettier-ignore
