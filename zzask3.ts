import { readExact, suggestionsFor, decode } from '@/core/designation'
import { shipped } from './tests/support/shipped'
for (const w of process.argv.slice(2)) {
  const r = readExact(w, shipped) as any
  console.log(w, '=>', r.ok ? r.readings.map((x:any)=>x.canonical).join(' | ') : JSON.stringify(suggestionsFor(w, shipped)))
  console.log('     ', decode(w, shipped).slice(0,4).map(x=>`${x.canonical} ${x.confidence.toFixed(2)}`).join(', ')) }
