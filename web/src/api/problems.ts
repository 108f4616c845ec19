import { ApiProblem } from './client'
import { fieldName } from '../text/fieldNames'

const shown = 3

/** Whether someone else changed in between what this rests on. */
export const isConflict = (problem: Error | null): boolean => problem instanceof ApiProblem && problem.type === 'nerezza:lost-race'

/** What went wrong and the way out: the fields by name, each with what it wants. */
export function problemInWords(problem: Error): string {
  if (!(problem instanceof ApiProblem)) return problem.message
  const fields = Object.entries(problem.fields)
  if (fields.length === 0) return `${problem.message} ${problem.detail}`.trim()
  const told = fields.slice(0, shown).map(([path, message]) => (path === 'body' ? message : `${fieldName(path)}: ${message}`))
  const more = fields.length - told.length
  return ['Not saved.', ...told, ...(more > 0 ? [`${more} more ${more === 1 ? 'field needs' : 'fields need'} another look.`] : [])].join(
    ' ',
  )
}
