import { readFileSync, writeFileSync } from 'node:fs'
import { readProject, printProject } from './src/core/project/index.ts'
const r = readProject(readFileSync('src/core/testing/version-9.json','utf8')); if(!r.ok) throw r
const t = JSON.parse(printProject(r.value), (k,v)=> k==='shortChain'?undefined:v); t.version=10
writeFileSync('src/core/testing/version-10.json', JSON.stringify(t,null,2)+'\n')
