import type Joi from 'joi'

/** How a schema words what it refuses: in plain words, with the field's name as it is and what would be right. */
export const IN_WORDS = {
  errors: { wrap: { label: false } },
  messages: {
    'number.min': '{{#label}} must be at least {{#limit}}',
    'number.max': '{{#label}} must be at most {{#limit}}',
    'number.less': '{{#label}} must be below {{#limit}}',
    'number.greater': '{{#label}} must be above {{#limit}}',
    'number.integer': '{{#label}} must be a whole number',
    'string.base': '{{#label}} must be a text',
    'string.min': '{{#label}} must have at least {{#limit}} characters',
    'string.max': '{{#label}} must have at most {{#limit}} characters',
    'string.empty': '{{#label}} must not be empty',
    'array.min': '{{#label}} must have at least {{#limit}}',
    'array.max': '{{#label}} must have at most {{#limit}}',
  },
} as const satisfies Joi.ValidationOptions
