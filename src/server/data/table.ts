import Papa from 'papaparse'
import { said } from '../../words/i18n'

/** Whether something is so, as a person reads it in a table. */
export const yesOrNo = (is: boolean): string => said(is ? 'yes' : 'no')

type TableCell = string | number | null | undefined

/**
 * A table that spreadsheets open. A cell that would begin a formula begins with an apostrophe, since a name may come
 * from anywhere and must do nothing where the table is opened.
 */
export function csvTable(columns: readonly string[], rows: readonly (readonly TableCell[])[]): string {
  return Papa.unparse({ fields: [...columns], data: rows.map((row) => row.map(safeCell)) }, { newline: '\r\n' })
}

export function safeCell(cell: TableCell): string | number {
  if (typeof cell !== 'string') return cell ?? ''
  return /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell
}
