import { newPiece, derive } from './src/core/bag/index.ts'
import { compiled } from './src/core/ledger/index.ts'
import { baseAs, plain, tote } from './src/core/testing/tote.ts'
import { writtenIn } from './src/core/testing/written.ts'
import { alarmsOf } from './src/core/testing/alarms.ts'
import { commit, historyOf, projectOf } from './src/core/project/index.ts'
const bag = tote({ parts:[baseAs('panel',{count:20, stitch:'dc'}), plain({stitch:'dc',rounds:10})] })
const piece = newPiece(compiled(projectOf(bag)),'edge')
for (const corner of ['three','ch-2','none'] as const) {
const h = commit(historyOf(projectOf(bag)), {name:'addPiece', args:{piece:{...piece, joins: piece.joins.map(j=>({...j,corner}))}}} as never)
const t = writtenIn(h.design,'own'); console.log(t.split('EDGE')[1], alarmsOf(t).lines)
const d = derive(projectOf(h.design)); console.log(d.snags.map(s=>s.code+JSON.stringify(s.facts)), d.ledger.pieces.at(-1)!.columns.makes, d.ledger.pieces.at(-1)!.columns.widthMm)
}
