import { countedOverBag, texturedBand, countsFound } from './src/core/shorthand/index.ts'
import { drawer, draftOf, patternOf } from './src/core/texture/index.ts'
import { baseAs, plain, tote, written } from './src/core/testing/tote.ts'
import { writtenIn } from './src/core/testing/written.ts'
import { alarmsOf } from './src/core/testing/alarms.ts'
import { derive } from './src/core/bag/index.ts'
import { projectOf } from './src/core/project/index.ts'
const inter = drawer.find(p=>p.id==='interlaced')!
const draft = draftOf(inter as never)
console.log(draft)
const own = patternOf({...draft, id:'own-loops', name:'Loops', round: draft.round!.replace(/End:[\s\S]*$/,'End:\ninto both rows: ch 1, *(sc, ch 3, sc) in next long loop; rep from * around')})
console.log(countsFound(own,'round'))
const t = texturedBand(own,'rounds',{letters:['A','B'],rounds:12}); if(!t.ok) throw t.problem
const making = {...tote().making, working:'joined' as const}
const bag = tote({ making, parts:[baseAs('tube',{count:90}), {...t.value, rounds: 12, id:'loops'} as never] })
console.log(writtenIn(bag,'own')); console.log(alarmsOf(writtenIn(bag,'own')))
// as a band of its own
const own2 = patternOf({...draft, id:'own-loops2', name:'Loops', round: draft.round!.replace(/End:[\s\S]*$/,'').trim()})
console.log(countsFound(own2,'round'))
const t2 = texturedBand(own2,'rounds',{letters:['A','B'],rounds:11}); if(!t2.ok) throw t2.problem
const bag2 = tote({ making, parts:[baseAs('tube',{count:90}), {...t2.value, rounds: 11, id:'loops'} as never, {...written(), id:'rows', rows:[{...written().rows[0]!, text:'x', runs:[{stitch:'sc',yarn:'A',count:1}], repeat:{from:0,to:1,times:90}}]}] })
const n = 12
const r = countedOverBag(bag2,'rows',[`working into Rnds ${n} and ${n-1} in turn, ch 1, *(sc, ch 3, sc) in next loop; rep from * around`],{ground:'sc',yarn:'A',letterOf:x=>x})
console.log(JSON.stringify(r))
