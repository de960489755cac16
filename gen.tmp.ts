import { readFileSync, writeFileSync, readdirSync } from 'node:fs'
import { readProject, printProject } from './src/core/project/index.ts'
import { texturedBand } from './src/core/shorthand/index.ts'
import { drawer } from './src/core/texture/index.ts'
for (const f of readdirSync('demo').filter(f=>f.endsWith('.json'))) {
  const text = readFileSync('demo/'+f,'utf8'); const r = readProject(text); if(!r.ok) throw new Error(f)
  let changed = false
  const compile = (await import('./src/core/ledger/index.ts')).compile
  const ledger = compile(r.value.design)
  const design = { ...r.value.design, pieces: r.value.design.pieces.map(piece => ({ ...piece, parts: piece.parts.map((part:any) => {
    if (part.kind !== 'texture') return part
    const p = drawer.find(d=>d.id===part.pattern); if(!p) return part
    const worked = ledger.pieces.find(x=>x.id===piece.id)!.worked
    const b = texturedBand(p, worked, { letters: part.yarns.map((y:any)=>y.yarn), rounds: part.rounds }); if(!b.ok) throw new Error(b.problem)
    const next = { ...part, begin: (b.value as any).begin, repeat: (b.value as any).repeat, end: part.end.length===0 && (b.value as any).end.length>0 ? part.end : (b.value as any).end, rounds: Math.max(part.rounds, (b.value as any).rounds), side: (b.value as any).side }
    if (JSON.stringify(next)!==JSON.stringify(part)) { changed = true; console.log(f, part.name, part.rounds, next.rounds) }
    return next }) })) }
  if (changed) writeFileSync('demo/'+f, printProject({ ...r.value, design } as never))
}
