import { told } from '../../wording'
import { ROUNDING_STEP } from '../../teaching'
import { dialOverAnswer, roomOverAnswer } from '../kit/answerPlace'
import { sheet } from '../kit/sheet'

/** Clocks to be read to the nearest five minutes. */
export const roundFives = sheet({
  id: 'round-fives',
  name: told('Round to five'),
  purpose: told('Clocks to read to the nearest five minutes, up or down'),
  stage: 'pictorial',
  counts: told('How many clocks'),
  leastItems: 1,
  mostItems: 12,
  usualItems: 6,
  suits: (rung) => rung === 'rounding',
  takes: ['helps', 'answers', 'weights'],
  needs: ['pencils'],
  cautions: [],
  ask: 'round',
  title: (phrases) => phrases.roundTo(ROUNDING_STEP),
  columns: (count) => (count <= 6 ? 2 : 3),
  dialRoom: roomOverAnswer,
  question: dialOverAnswer,
})
