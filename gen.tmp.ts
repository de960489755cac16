import { tote, base, baseAs, plain } from './src/core/testing/tote.ts'
import { compile } from './src/core/ledger/index.ts'
import { rowText } from './src/core/pattern/row-text.ts'
import { defaultWords } from './src/core/stitch/index.ts'
for (const [n,a] of [[126,-32],[64,-7],[100,-7],[100,7],[61,5],[124,-20],[48,-11],[90,13],[72,-2]]) {
 const d = tote({ parts: [base({count:n,increase:6}), plain({rounds:1,adjust:a})] }); const l = compile(d); const p=l.pieces[0]!
 console.log(n,a, rowText(l,p,p.rows-1,defaultWords)) }
const d = tote({ parts: [base({count:100,increase:7})] }); const l = compile(d); for (let r=0;r<l.pieces[0]!.rows;r++) console.log(rowText(l,l.pieces[0]!,r,defaultWords))
