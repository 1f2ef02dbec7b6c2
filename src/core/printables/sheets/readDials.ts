import { told } from '../../wording'
import { hasDialTimes } from '../../teaching'
import { dialOverAnswer, roomOverAnswer } from '../kit/answerPlace'
import { sheet } from '../kit/sheet'

/**
 * Dials to read, with a line under each to write on, or three times to choose from; the key has the same page with its
 * answers.
 */
export const readDials = sheet({
  id: 'read-dials',
  name: told('Read the dials'),
  stage: 'pictorial',
  purpose: told('Dials with a line under each to write the time on'),
  counts: told('How many dials'),
  leastItems: 1,
  mostItems: 12,
  usualItems: 6,
  suits: hasDialTimes,
  takes: ['helps', 'answers', 'weights'],
  needs: ['pencils'],
  cautions: [],
  ask: 'read',
  title: (phrases, { rung }) =>
    rung === 'fives' ? phrases.howManyMinutes : rung === 'hour-hand' ? phrases.whatHourHand : phrases.whatTime,
  columns: (count) => (count <= 6 ? 2 : 3),
  dialRoom: roomOverAnswer,
  question: dialOverAnswer,
})
