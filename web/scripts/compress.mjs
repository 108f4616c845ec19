// Writes beside every built file that shrinks what a browser may take instead: name.br and name.gz.
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'

const shrinks = /\.(js|css|wasm|json|svg|html)$/
const least = 1024
// The page itself gets its nonce as it is served, and is not among them.
const folders = ['dist/assets', 'dist/page']

function* files(folder) {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name)
    if (statSync(path).isDirectory()) yield* files(path)
    else if (shrinks.test(name) && statSync(path).size >= least) yield path
  }
}

for (const folder of folders)
  for (const path of files(folder)) {
    const whole = readFileSync(path)
    writeFileSync(`${path}.gz`, gzipSync(whole, { level: 9 }))
    writeFileSync(`${path}.br`, brotliCompressSync(whole, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }))
  }
