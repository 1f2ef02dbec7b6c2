import { type Told, told } from '../wording'
import type { Ask } from './ways'

/** What the adult does where a question is asked with things instead of on the screen. */
export const WITH_THINGS: Readonly<Record<Ask, Told>> = {
  read: told('Set a real or a made clock to this, cover the screen, and let the child read the clock.'),
  set: told('Let the child set a real or a made clock, and set the one here as the child did.'),
  say: told('Lay the figures with number cards, and let the child say the time.'),
  match: told('Set a real or a made clock to this, and let the child pick the card with its figures.'),
  write: told('Set a real or a made clock to this, and let the child lay the figures with number cards.'),
  name: told('Point to this part on a real or a made clock.'),
  round: told('Set a real clock to this. The child turns the long hand to the nearest five.'),
  later: told('Set a real clock to this. The child turns it on, or back, and reads it.'),
  'how-long': told('The child turns a real clock from the first time to the second, and counts.'),
  'work-back': told('Lay a counter for every five minutes. The child turns a real clock back by them.'),
  'half-of-day': told(
    'Lay two plates, one for each half of the day. The child puts something of this doing on one of them.',
  ),
  'write-24': told('The child turns a real clock on from noon, counting from twelve, and says the hour.'),
  'look-up': told('Lay the rows as cards. The child finds the row and sets a real clock to it.'),
}
