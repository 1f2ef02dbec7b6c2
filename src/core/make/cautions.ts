import { told } from '../wording'
/** Shown where they apply, always with FOLLOW_LOCAL_RULES. */
export const cautions = {
  holes: told('Holes and sharp points are for adults only. Put an eraser under the point; no bare point near a child.'),
  scissors: told('Blunt-ended scissors, used seated.'),
  'small-parts': told(
    'Small parts are not for under-threes, nor where things are mouthed. No small strong magnets at all.',
  ),
  dough: told('Ask about wheat and other allergies. Salt dough is not to be eaten; keep it from pets.'),
  'pipe-cleaners': told('Pipe-cleaner ends are sharp wire: fold them in.'),
  glue: told('A glue stick by children; hot glue and a laminator by an adult, and cool before cutting.'),
  movement: told(
    'Clear the floor. Shoes or bare feet, never socks on a smooth floor. A hand to hold for balances, lanes 1 m wide, a seated form for anyone who needs it, water afterwards.',
  ),
  outdoors: told('Shade and water. Nothing at trip height: no pegs or ropes across the way.'),
} as const

export type CautionId = keyof typeof cautions

export const FOLLOW_LOCAL_RULES = told(
  'Follow your setting’s own risk assessment and local rules; this is not professional safety advice.',
)
