import type Joi from 'joi'
import { type OwnActivityBody, ownActivity } from '../core/activities'
import { checked } from './validate'

/** An activity as it was sent, or a 400: its fields by themselves, and then whether they agree with each other. */
export function checkedActivity<T extends { readonly name: string; readonly body: OwnActivityBody }>(
  schema: Joi.ObjectSchema<T>,
  sent: unknown,
): T {
  const activity = checked<T>(schema, sent)
  ownActivity('own', activity.name, activity.body)
  return activity
}
