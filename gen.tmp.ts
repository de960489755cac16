import { newDesign, planText } from './src/core/bag/index.ts'
import { derive } from './src/core/bag/index.ts'
import { projectOf } from './src/core/project/index.ts'
import { baseKinds } from './src/core/shape/index.ts'
import { defaultWords } from './src/core/stitch/index.ts'
for (const kind of baseKinds) { const d = newDesign({name:kind, kind, aroundMm:600, said:'around', heightMm:250, hookMm:4, yarnClass:3}); const r = derive(projectOf(d));
console.log('\n#', kind, d.want.aroundMm, d.want.heightMm); console.log(planText(d, r, defaultWords).split('\n').filter(l=>/around,|tall|error|warning/.test(l)).join('\n'), r.tally.footprint) }
