import Joi from 'joi'
import { type KeptQuestion, LONGEST_STORY, MOST_QUESTIONS, type Story, type StoryMarks } from '../core/stories'
import { LANGUAGE_IDS } from '../core/wording'
import { shape } from './shape'
import { plainText } from './text'

/** The most times that an adult dismisses, adds or chooses in one story. */
const MOST_MARKS = 500
const key = Joi.string().min(3).max(200)
const minute = Joi.number().strict().integer().min(0).max(100_000)

const marks = shape<StoryMarks>({
  dismissed: Joi.array().items(key).max(MOST_MARKS).required(),
  added: Joi.array()
    .items(Joi.object({ key: key.required(), minute: Joi.number().strict().integer().min(0).max(1439).required() }))
    .max(MOST_MARKS)
    .required(),
  chosen: Joi.object().pattern(key, minute).max(MOST_MARKS).required(),
})

const question = shape<KeptQuestion>({
  id: Joi.string().max(1000).required(),
  says: plainText(400).trim().min(1),
  answer: Joi.string().max(400).required(),
})

/** A story as it is kept: any text, since a text without a time is still a story. */
export const story = shape<Story>({
  language: Joi.string()
    .valid(...LANGUAGE_IDS)
    .required(),
  text: plainText(LONGEST_STORY).allow('').required(),
  marks: marks.required(),
  questions: Joi.array().items(question).max(MOST_QUESTIONS).allow(null).required(),
  seed: Joi.number().strict().integer().min(0).max(1_000_000_000).required(),
})
