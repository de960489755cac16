import { countsFound, texturedBand } from './src/core/shorthand/index.ts'
import { patternOf, usualDraft } from './src/core/texture/index.ts'
import { baseAs, plain, tote } from './src/core/testing/tote.ts'
import { writtenIn } from './src/core/testing/written.ts'
import { alarmsOf } from './src/core/testing/alarms.ts'
const R='return: yo, pull through 1 loop, *yo, pull through 2 loops; rep from * across'
const row=(a:string,b:string)=>`ch 1 (counts as a loop), *2 yo loops, sk 2 sts, ${a} tall loop around next st, 2 yo loops, sk 2 sts, ${b} tall loop around next st; rep from * to last 3 sts, 2 yo loops, sk 2 sts, ${a} tall loop around next st; ${R}`
const own = patternOf({...usualDraft, id:'own-cols', name:'Columns', passes:2, unit:'loop', perRepeat: 3, multiple:6, offset:4, round:'', flat:`Set-up:
ch 1 (counts as a loop), *2 yo loops, sk 2 sts, tall loop in next st; rep from * across; ${R}
Repeat:
${row('FP','BP')}
${row('BP','FP')}
End:
ch 1 (counts as a st), sl st in each st across` } as never)
console.log(countsFound(own,'flat'))
const t = texturedBand(own,'rows',{letters:['A'],rounds:8}); if(!t.ok) throw t.problem
const bag = tote({parts:[baseAs('panel',{count:16,begins:'bands'}), {...t.value, rounds:8,id:'t'} as never]})
console.log(writtenIn(bag,'own'), alarmsOf(writtenIn(bag,'own')).lines)
