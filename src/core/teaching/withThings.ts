import type { Ask } from './ways'

/** What the adult does where a question is asked with things instead of on the screen. */
export const WITH_THINGS: Readonly<Record<Ask, string>> = {
  read: 'Set a real or a made clock to this, cover the screen, and let the child read the clock.',
  set: 'Let the child set a real or a made clock, and set the one here as the child did.',
  say: 'Lay the figures with number cards, and let the child say the time.',
  match: 'Set a real or a made clock to this, and let the child pick the card with its figures.',
  write: 'Set a real or a made clock to this, and let the child lay the figures with number cards.',
  name: 'Point to this part on a real or a made clock.',
  round: 'Set a real clock to this. The child turns the long hand to the nearest five.',
  later: 'Set a real clock to this. The child turns it on, or back, and reads it.',
  'how-long': 'The child turns a real clock from the first time to the second, and counts.',
  'work-back': 'Lay a counter for every five minutes. The child turns a real clock back by them.',
  'half-of-day': 'Lay two plates, one for each half of the day. The child puts something of this doing on one of them.',
  'write-24': 'The child turns a real clock on from noon, counting from twelve, and says the hour.',
  'look-up': 'Lay the rows as cards. The child finds the row and sets a real clock to it.',
}
