// Writes the code lists and the limits of numbers and texts that the contract carries, so that no form keeps its own.
// With --check it writes nothing, and fails where the kept file is not that of the contract.
import { readFileSync, writeFileSync } from 'node:fs'
import prettier from 'prettier'

const from = 'src/api/nerezza.json'
const files = { codes: 'src/api/codes.ts', limits: 'src/api/limits.ts' }
const contract = JSON.parse(readFileSync(from, 'utf8'))
const schemas = Object.entries(contract.components.schemas)
const lower = (name) => name.charAt(0).toLowerCase() + name.slice(1)
const codes = schemas
  .filter(([, schema]) => schema.enum)
  .map(([name, schema]) => [lower(name), schema.enum.filter((code) => code !== null)])
const limit = ({ minimum, maximum, maxLength, 'x-unit': unit }) => ({ least: minimum, most: maximum, length: maxLength, unit })
const sent = new Set()
const named = (schema) => JSON.stringify(schema ?? null).match(/(?<=#\/components\/schemas\/)\w+/g) ?? []
const reach = (name) => {
  if (sent.has(name)) return
  sent.add(name)
  named(contract.components.schemas[name]).forEach(reach)
}
// Limits are of what a page sends; what it only reads has none to keep.
for (const path of Object.values(contract.paths)) for (const call of Object.values(path)) named(call.requestBody).forEach(reach)

const limits = schemas
  .filter(([name]) => sent.has(name))
  .map(([name, schema]) => [
    lower(name),
    Object.entries(schema.properties ?? {})
      .map(([field, of]) => [field, limit(of)])
      .filter(([, of]) => of.most !== undefined || of.length !== undefined),
  ])
  .filter(([, fields]) => fields.length > 0)
  .map(([name, fields]) => [name, Object.fromEntries(fields)])

let stale = false
for (const [name, rows] of Object.entries({ codes, limits })) {
  const to = files[name]
  const text = `// Made from the contract by scripts/codes.mjs; not to be changed by hand.
export const ${name} = ${JSON.stringify(Object.fromEntries(rows))} as const
`
  const made = await prettier.format(text, { ...(await prettier.resolveConfig(to)), parser: 'typescript' })
  if (!process.argv.includes('--check')) writeFileSync(to, made)
  else if (readFileSync(to, 'utf8') !== made) {
    console.error(`${to} is not that of ${from}: run npm run types`)
    stale = true
  }
}
if (stale) process.exit(1)
