import { tote, baseAs, plain } from './src/core/testing/tote.ts'
import { writtenIn } from './src/core/testing/written.ts'
import { checkPattern } from './src/core/check/index.ts'
import { texturedBand } from './src/core/shorthand/index.ts'
import { drawer, stitchesOf } from './src/core/texture/index.ts'
const p = drawer.find(x=>x.id==='granny-two')!
const b = texturedBand(p,'rows',{letters:['A'],rounds:4}); if(!b.ok) throw b
const d = tote({ parts: [baseAs('panel',{begins:'bands',count:stitchesOf(p,3,'flat')} as never), {...b.value,id:'t'} as never, plain()] })
const t = writtenIn(d,'own'); console.log(t); for (const r of checkPattern(t).rows) if (r.problems.length) console.log(r.text, JSON.stringify(r.problems))
console.log(JSON.stringify((b.value as any).begin.map((r:any)=>[r.runs.map((x:any)=>`${x.count}${x.stitch}${x.yarn}`).join(' '), r.repeat])))
for (const id of ['two-pass-mesh','v-stitch','shells','granny','fan-8','scallops','mesh','linen','bead','chain-loops','interlaced','granny-spike','granny-gaps','pair-chain','clusters','star']) for (const w of ['rows','rounds'] as const) { const q=drawer.find(x=>x.id===id)!; const c = texturedBand(q,w,{letters:['A','B'],rounds:6}); if(!c.ok) continue
 for (const k of ['begin','repeat','end']) (c.value as any)[k].forEach((r:any)=>console.log(id,w,k,r.runs.map((x:any)=>`${x.count}${x.stitch}`).join(' '), JSON.stringify(r.repeat))) }
