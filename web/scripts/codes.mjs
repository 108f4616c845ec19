// Writes the code lists and the limits of numbers and texts that the contract carries, so that no form keeps its own.
// With --check it writes nothing, and fails where the kept file is not that of the contract.
import { readFileSync, writeFileSync } from 'node:fs'
import prettier from 'prettier'

const from = 'src/api/nerezza.json'
const to = 'src/api/codes.ts'
const schemas = Object.entries(JSON.parse(readFileSync(from, 'utf8')).components.schemas)
const lower = (name) => name.charAt(0).toLowerCase() + name.slice(1)
const codes = schemas
  .filter(([, schema]) => schema.enum)
  .map(([name, schema]) => [lower(name), schema.enum.filter((code) => code !== null)])
const limit = ({ minimum, maximum, maxLength, 'x-unit': unit }) => ({ least: minimum, most: maximum, length: maxLength, unit })
const limits = schemas
  .map(([name, schema]) => [
    lower(name),
    Object.entries(schema.properties ?? {})
      .map(([field, of]) => [field, limit(of)])
      .filter(([, of]) => of.most !== undefined || of.length !== undefined),
  ])
  .filter(([, fields]) => fields.length > 0)
const text = `// Made from the contract by scripts/codes.mjs; not to be changed by hand.
export const codes = ${JSON.stringify(Object.fromEntries(codes))} as const
export const limits = ${JSON.stringify(Object.fromEntries(limits.map(([name, fields]) => [name, Object.fromEntries(fields)])))} as const
`
const made = await prettier.format(text, { ...(await prettier.resolveConfig(to)), parser: 'typescript' })
if (!process.argv.includes('--check')) writeFileSync(to, made)
else if (readFileSync(to, 'utf8') !== made) {
  console.error(`${to} is not that of ${from}: run npm run types`)
  process.exit(1)
}
