import { said } from '../words/i18n'
import { LONGEST_NAME } from '../core/records'
import { type Drawing, paperOf, SAFE_MARGIN_MM, scaledDrawing } from '../core/drawing'
import {
  RECIPE_FORMAT,
  RECIPE_FORMAT_VERSION,
  type Recipe,
  type Yard,
  makingCard,
  printerScale,
  recipePagesFor,
} from '../core/make'
import { type Wording, told, type Told } from '../core/wording'
import { Problem } from './problem'
import { checked, schemas } from './validate'

/** What stands in a query as JSON, checked as a body is. */
function fromQuery(query: URLSearchParams, field: string): unknown {
  try {
    return JSON.parse(query.get(field) ?? '') as unknown
  } catch {
    throw new Problem(400, told('This cannot be taken'), { field, detail: told('{0} must be JSON.', field) })
  }
}

export function recipeFromQuery(query: URLSearchParams): Recipe {
  return checked(schemas.recipeOnly, { recipe: fromQuery(query, 'recipe') }).recipe
}

export function yardFromQuery(query: URLSearchParams): Yard {
  return checked(schemas.yardOnly, { yard: fromQuery(query, 'yard') }).yard
}

export interface MakingWish {
  readonly recipe: Recipe
  readonly wording: Wording
  /** How long the printer made the bar of 100 mm, as it was typed. */
  readonly bar: string | null
}

/**
 * All pages for the children and spares of a recipe, in the language of the house, scaled for a printer whose 100 mm
 * bar came out as `bar` mm.
 */
export function makingPages({ recipe, wording, bar }: MakingWish): Drawing[] {
  const owners = Array.from({ length: recipe.children + recipe.spares }, () => undefined)
  const pages = [...makingCard(recipe, wording), ...recipePagesFor(recipe, owners, wording)]
  if (bar === null) return pages
  const factor = 1 / printerScale(Number(bar))
  const { width, height, name } = paperOf(recipe.paper)
  // The drawing keeps to the margins; when it is enlarged it must still lie on the sheet.
  const most = Math.min(width / (width - 2 * SAFE_MARGIN_MM), height / (height - 2 * SAFE_MARGIN_MM))
  if (factor > most)
    throw new Problem(400, told('This cannot be taken'), {
      field: 'bar',
      detail: told(
        'A bar of {0} mm would need pages {1} % as large, more than {2} holds: set the printer to 100 % first. A bar of {3} mm or more can be made good.',
        bar,
        Math.round(factor * 100),
        said(name),
        Math.ceil(1000 / most) / 10,
      ),
    })
  return pages.map((page) => scaledDrawing(page, factor))
}

/** A recipe from a file, or a refusal that says what is wrong with the file. */
export function importedRecipe(file: unknown): { name: string; body: Recipe } {
  const refuse = (field: string, detail: Told) => new Problem(400, told('This file cannot be taken'), { field, detail })
  if (typeof file !== 'object' || file === null || Array.isArray(file))
    throw refuse('file', told('The file must hold one recipe.'))
  const { format, formatVersion, name, recipe } = file as Record<string, unknown>
  if (format !== RECIPE_FORMAT)
    throw refuse('format', told('The file’s format must be {0}: this is no recipe of Ripe Acorn.', RECIPE_FORMAT))
  if (formatVersion !== RECIPE_FORMAT_VERSION)
    throw refuse(
      'formatVersion',
      typeof formatVersion === 'number' && formatVersion > RECIPE_FORMAT_VERSION
        ? told(
            'The file is of version {0}, from a newer Ripe Acorn; this one reads version {1}.',
            formatVersion,
            RECIPE_FORMAT_VERSION,
          )
        : told('formatVersion must be {0}.', RECIPE_FORMAT_VERSION),
    )
  const body = checked(schemas.recipeOnly, { recipe }).recipe
  return {
    name: typeof name === 'string' && name.trim() !== '' ? name.trim().slice(0, LONGEST_NAME) : 'An imported clock',
    body,
  }
}
