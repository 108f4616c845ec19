// Fifty lifters log one set after the other until the server is gone. Where a file NAME.begin appears in the folder, what was
// acknowledged until then goes to NAME.acknowledged. At the end: how long a set took, with a backup beside and without.
import { existsSync, readdirSync, renameSync, writeFileSync } from 'node:fs'
import { v7 } from '../../web/node_modules/uuid/dist-node/index.js'
import { setNumber, signIn, today } from '../session.mjs'

const [address, folder] = process.argv.slice(2)
const lifters = 50
const coach = await signIn(address)
const clients = await coach.call('GET', `/api/clients?today=${today}`)
const acknowledged = []
const took = { alone: [], beside: [] }
let gone = false

async function log(lifter) {
  const { id } = clients[lifter % clients.length]
  for (let i = lifter; !gone; i += lifters) {
    const set = { ...setNumber(i % 50, v7(), null), date: today }
    const begin = performance.now()
    try {
      await coach.call('POST', `/api/clients/${id}/sets`, set)
    } catch (fault) {
      if (/: \d{3} /.test(fault.message)) console.error(fault.message)
      gone = true
      return
    }
    took[existsSync(`${folder}/backup`) ? 'beside' : 'alone'].push(performance.now() - begin)
    acknowledged.push(set.id)
    // A set a second each: a busy gym.
    await new Promise((done) => setTimeout(done, 1000))
  }
}

const watching = setInterval(() => {
  for (const file of readdirSync(folder).filter((name) => name.endsWith('.begin'))) {
    const name = file.slice(0, -'.begin'.length)
    if (existsSync(`${folder}/${name}.acknowledged`)) continue
    writeFileSync(`${folder}/part`, acknowledged.join('\n') + '\n')
    renameSync(`${folder}/part`, `${folder}/${name}.acknowledged`)
  }
}, 20)
await Promise.all(Array.from({ length: lifters }, (_, lifter) => log(lifter)))
clearInterval(watching)
for (const [when, times] of Object.entries(took)) {
  times.sort((a, b) => a - b)
  const at = (part) => times[Math.min(times.length - 1, Math.floor(times.length * part))]?.toFixed(0)
  console.log(`one set, ${when}: ${times.length} sets, median ${at(0.5)} ms, p95 ${at(0.95)} ms, p99 ${at(0.99)} ms`)
}
