import type { DayRow, PictureId } from '../../days'
import type { PaperId, SheetId } from '../../drawing'
import type { MisreadingId, RungId } from '../../teaching'
import type { Wording } from '../../wording'
import { type OptionId, PRINT_OPTIONS } from './options'
import type { PrintOption } from './optionKinds'

type ValueOf<Option> = Option extends { type: 'choice'; values: infer Values }
  ? keyof Values
  : Option extends { type: 'level' } | { type: 'whole' }
    ? number
    : Option extends { type: 'flag' }
      ? boolean
      : Option extends { type: 'text' }
        ? string
        : Option extends { type: 'picture' }
          ? PictureId
          : Option extends { type: 'rows' }
            ? readonly DayRow[]
            : Option extends { type: 'numbers' }
              ? readonly number[]
              : Option extends { type: 'weights' }
                ? Partial<Record<MisreadingId, number>>
                : never

/** What was chosen from the table; what is left out is as usual. */
export type PrintChoices = { readonly [Id in OptionId]?: ValueOf<(typeof PRINT_OPTIONS)[Id]> }
/** What the house rules say of all prints. */
export type PrintLooks = Pick<PrintChoices, 'lowInk' | 'grey' | 'look'>
export type CardSizeId = NonNullable<PrintChoices['size']>
export type LookId = NonNullable<PrintChoices['look']>
export type Flip = NonNullable<PrintChoices['backs']>

export interface PrintOptions extends PrintChoices {
  readonly paper: SheetId
  readonly wording: Wording
  readonly rung: RungId
  /** Questions, cards or pairs, as `counts` of the printable says. A day of one's own rows has as many as rows. */
  readonly count: number
}

/** A print as it is chosen: on a whole sheet of paper. */
export interface ChosenOptions extends PrintOptions {
  readonly paper: PaperId
}

/** The usual value of an option; undefined where nothing is chosen at first. */
export function usualOf<Id extends OptionId>(id: Id): PrintChoices[Id] {
  const option: PrintOption = PRINT_OPTIONS[id]
  return ('usual' in option ? option.usual : option.type === 'flag' ? false : undefined) as PrintChoices[Id]
}
