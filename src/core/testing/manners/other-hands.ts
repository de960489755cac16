import type { Manner } from './manner.ts'

/* As other hands would write: terse, chatty, translated, from forums, from leaflets. */
export const otherHands: readonly Manner[] = [
  {
    name: 'terse leaflet with dashes and capitals',
    text: `BAG BOTTOM - WORK IN RNDS, DO NOT JOIN
RND 1 - 6 SC IN MAGIC RING - 6 STS
RND 2 - 2 SC IN EA ST - 12 STS
RND 3 - *SC IN NEXT ST, 2 SC IN NEXT ST* REP AROUND - 18 STS
RND 4 - *SC IN NEXT 2 STS, 2 SC IN NEXT ST* REP AROUND - 24 STS
RND 5 - *SC IN NEXT 3 STS, 2 SC IN NEXT ST* REP AROUND - 30 STS
RNDS 6 THRU 12 - SC IN EA ST - 30 STS
RND 13 - *SC IN NEXT 3 STS, SC NEXT 2 STS TOG* REP AROUND - 24 STS
RND 14 - SL ST IN EA ST, F.O. - 24 STS`,
    makes: '6 12 18 24 30 30x7 24 24',
  },
  {
    name: 'translated, with odd word order',
    text: `Round 1: in the magic ring work 8 single crochets. = 8 stitches
Round 2: every stitch double. = 16 stitches
Round 3: every 2nd stitch double. = 24 stitches
Round 4: every 3rd stitch double. = 32 stitches
Round 5: 1 single crochet in every stitch. = 32 stitches
Round 6: every 7th and 8th stitch crochet together. = 28 stitches
Round 7: 1 single crochet in every stitch. = 28 stitches`,
    makes: '8 16 24 32 32 28 28',
  },
  {
    name: 'forum post, numbers only and slashes',
    text: `hi all, here is my quick one
r1/ 6 in mr (6)
r2/ inc all (12)
r3/ 1, inc (18)
r4/ 2, inc (24)
r5/ 3, inc (30)
r6/ all (30)
r7/ all (30)
r8/ 3, dec (24)
enjoy!!`,
    makes: '6 12 18 24 30 30 30 24',
  },
  {
    name: 'mesh market bag',
    text: `Mesh bag
Rnd 1: Ch 4, 11 dc in 4th ch from hook (skipped ch count as 1 dc), sl st in top of beg ch to join (12 dc)
Rnd 2: Ch 3 (counts as dc), dc in same st, 2 dc in each dc around, sl st in top of ch-3 (24 dc)
Rnd 3: Ch 3 (counts as dc), 2 dc in next dc, *dc in next dc, 2 dc in next dc; rep from * around, sl st in top of ch-3 (36 dc)
Rnd 4: Ch 1, sc in same st as join, *ch 3, sk next dc, sc in next dc; rep from * to last dc, ch 3, sk last dc, sl st in first sc (18 ch-3 lps)
Rnd 5: Sl st in first ch-3 lp, ch 1, sc in same lp, *ch 4, sc in next lp; rep from * around, ch 4, sl st in first sc (18 ch-4 lps)
Rnds 6-8: Rep Rnd 5 (18 ch-4 lps)
Rnd 9: Ch 1, 2 sc in each ch-4 lp around, join (36 sc)
Rnd 10: Ch 1, sc in each sc around, join (36 sc)`,
    makes: '12 24 36 72 90 90x3 36 36',
  },
  {
    name: 'lists of what to do with hyphens under each round',
    text: `Round 1
- magic ring
- 6 sc
- total 6

Round 2
- 2 sc in each stitch
- total 12

Round 3
- 1 sc, 2 sc in the next stitch
- repeat 6 times
- total 18

Rounds 4-6
- sc in each stitch
- total 18`,
    makes: '6 12 18 18x3',
  },
  {
    name: 'brackets nested, more times',
    text: `Row 1: ch 29, sc in second ch from hook, sc in each ch across; turn - 28 sc.
Row 2: ch 1, sc in first 4 sc, [ch 1, sk 1, {sc in next sc, ch 1, sk 1} twice, sc in next 4 sc] 2 times, ch 1, sk 1, sc in next 5 sc; turn - 28 sts.
Row 3: ch 1, sc in each sc and in each ch-1 sp across; turn - 28 sc.
Row 4: ch 1, sc in first sc, (sc in next sc, 2 sc in next sc) 3 times, sc in next 14 sc, (2 sc in next sc, sc in next sc) 3 times, sc in last sc; turn - 34 sc.`,
    makes: '28 28 28 34',
  },
  {
    name: 'terms named in the title, abbreviations after',
    text: `Tuba bag – written in US terminology
sc = single crochet; hdc = half double crochet; inc = 2 sc in the same stitch; dec = invisible decrease
Start: MR.
1 rnd: 6 sc (6)
2 rnd: 6 inc (12)
3 rnd: (1 sc, inc) * 6 (18)
4 rnd: (2 sc, inc) * 6 (24)
5-6 rnd: 24 hdc (24)
7 rnd: (2 sc, dec) * 6 (18)
8 rnd: 18 sc (18)`,
    makes: '6 12 18 24 24x2 18 18',
  },
  {
    name: 'V stitches with spaces of their own',
    text: `V-st: (dc, ch 1, dc) in the same st or sp.
Ch 25.
Row 1: sc in 2nd ch from hook, sc in each ch across. [24 sc]
Row 2: ch 3 (counts as dc), turn, sk 1 st, *V-st in next st, sk 2 sts; rep from * to last 4 sts, V-st in next st, sk 2 sts, dc in last st. [7 V-sts, 2 dc]
Row 3: ch 3 (counts as dc), turn, V-st in each V-st's ch-1 sp across, dc in top of ch-3. [7 V-sts, 2 dc]
Row 4: ch 1, turn, sc in first dc, 3 sc in each V-st's sp, sc in top of ch-3. [23 sc]`,
    makes: '24 23 23 23',
  },
  {
    name: 'sentences in the past tense of a diary',
    text: `The base of the flute roll:
Row 1: I chained 16 and worked a sc in the second ch from the hook and in every ch after it (15).
Row 2: Chained 1, turned, sc in every st (15).
Row 3: Chained 1, turned, sc in every st, working through the back loop only (15).
Rows 4 to 9: The same as rows 2 and 3, three times over (15).
Row 10: Chained 1, turned, two together, 11 sc, two together (13).`,
    makes: '15 15 15 15x6 13',
  },
  {
    name: 'UK with chain-numbers before, tension, remarks in the row',
    text: `Abbreviations: ch – chain, dc – double crochet, htr – half treble, tr – treble, ss – slip stitch, sp – space, yrh – yarn round hook
Using 4.5mm hook and main colour, 6 ch, ss into 1st ch to form a ring.
1st round: 3 ch (count as 1 tr), 15 tr into ring, ss into 3rd of 3 ch. (16 tr)
2nd round: 3 ch (count as 1 tr), 1 tr into same place as ss, 2 tr into each tr to end, ss into 3rd of 3 ch. (32 tr)
3rd round: 1 ch, 1 dc into same place as ss, 1 dc into each tr to end, ss into first dc. (32 dc)
4th round: 1 ch, 1 dc into same place as ss, 2 dc into next dc, *1 dc into next dc, 2 dc into next dc, rep from * to end, ss into first dc. (48 dc)
5th and 6th rounds: 1 ch, 1 dc into same place as ss, 1 dc into each dc to end, ss into first dc. (48 dc)
7th round: 1 ch, (dc2tog, 1 dc into each of next 4 dc) 8 times, ss into first st. (40 sts)`,
    makes: '16 32 32 48 48 48 40',
  },
  {
    name: 'every other row said in the row before',
    text: `Ch 21.
Row 1 (RS): Sc in 2nd ch from hook and across. (20)
Row 2 and every WS row: Ch 1, turn, sc across. (same number of sts)
Row 3: Ch 1, turn, 2 sc in first st, sc across to last st, 2 sc in last st. (22)
Row 5: Ch 1, turn, 2 sc in first st, sc across to last st, 2 sc in last st. (24)
Row 7: Ch 1, turn, sc across. (24)`,
    makes: '20 20 22 22 24 24 24',
  },
  {
    name: 'popcorns and bobbles with numbers in their names',
    text: `Ch 22 loosely.
Row 1 (WS): Sc in 2nd ch from hook and in each ch across: 21 sc.
Row 2 (RS): Ch 1, turn, sc in first 2 sc, *5-dc popcorn in next sc, sc in next 3 sc; rep from * 3 times more, 5-dc popcorn in next sc, sc in last 2 sc: 5 popcorns and 16 sc.
Row 3: Ch 1, turn, sc in each st across: 21 sc.
Row 4: Ch 1, turn, sc in first 4 sc, *bobble in next sc, sc in next 3 sc; rep from * across, sc in last sc: 4 bobbles and 17 sc.
Row 5: Ch 1, turn, sc in each st across: 21 sc.`,
    makes: '21 21 21 21 21',
  },
  {
    name: 'edging said by corners',
    text: `Cymbal mat cover
Ch 13.
Row 1: Sc in 2nd ch from hook and in each remaining ch. 12 sc.
Rows 2-12: Ch 1, turn, sc in each sc. 12 sc.
Border, round 1: Ch 1, turn, 3 sc in first st, sc in next 10 sts, 3 sc in last st, 10 sc along side, 3 sc in corner, 10 sc along bottom, 3 sc in corner, 10 sc along side, join. 52 sc.
Border, round 2: Ch 1, sc in each sc around, join. 52 sc.`,
    makes: '12 12x11 52 52',
  },
  {
    name: 'what is said twice, once in words and once in signs',
    text: `Round 1: Single crochet 6 into a magic ring [6 sc] – 6
Round 2: Increase in each stitch [6 inc] – 12
Round 3: Single crochet in one, increase in the next, to the end [(sc, inc) x 6] – 18
Round 4: Single crochet in each [18 sc] – 18`,
    makes: '6 12 18 18',
  },
  {
    name: 'stripes said by the row',
    text: `All rows are sc. Ch 1 and turn at the beginning of each row (not repeated below).
Ch 31 with Brass.
Row 1: Brass, sc in 2nd ch from hook and across (30)
Row 2: Brass, 30 sc
Row 3: Plum, 30 sc
Row 4: Plum, 30 sc
Row 5: Oat, 30 sc
Rows 6-10: repeat rows 1-5 in the same colours, working row 1 into the stitches (30)`,
    makes: '30 30 30 30 30 30x5',
  },
  {
    name: 'cluster rows with skipped ends',
    text: `Ch 24.
Row 1: Sc in 2nd ch from hook, *ch 1, sk next ch, sc in next ch; rep from * across. (12 sc, 11 ch-1 sps)
Row 2: Ch 2 (doesn't count as a stitch), turn, hdc in first sc, *2 hdc in next ch-1 sp, sk next sc; rep from * to last ch-1 sp, 2 hdc in last ch-1 sp, hdc in last sc. (24 hdc)
Row 3: Ch 1, turn, sc in each hdc across. (24 sc)
Row 4: Ch 1, turn, sc in first sc, *sk next sc, (sc, dc) in next sc; rep from * to last sc, sc in last sc. (24 sts)`,
    makes: '23 24 24 24',
  },
  {
    name: 'numbered without labels under a heading, gauge in between',
    text: `Bell pouch
Rounds
1. ch 2, 7 sc in the 2nd ch
2. 14 sc (inc in each)
3. (inc, 1 sc) 7 times – 21
4. (inc, 2 sc) 7 times – 28
5. 28 sc
It should now measure about 6 cm across.
6. 28 sc
7. (dec, 2 sc) 7 times – 21
8. 21 sl st`,
    makes: '7 14 21 28 28 28 21 21',
  },
  {
    name: 'linked parts: pick up along a handle',
    text: `Handle (make 2)
With B, ch 41.
Row 1: Sc in second ch from hook and in each ch to end. [40]
Row 2: Ch 1, turn. Sc in each st to end. [40]
Row 3: Ch 1, turn. Sl st in each st to end. [40]
Fasten off, leaving a 20 cm tail for sewing.

Tab
With A, ch 6.
Row 1: Sc in second ch from hook and in each ch to end. [5]
Rows 2-8: Ch 1, turn. Sc in each st to end. [5]
Row 9: Ch 1, turn. Sc2tog, sc, sc2tog. [3]
Row 10: Ch 1, turn. Sc3tog. [1]
Fasten off.`,
    makes: '40 40 40 5 5x7 3 1',
  },
  {
    name: 'waistcoat stitch, camel stitch, extended stitches',
    text: `Abbreviations
ws = waistcoat stitch (work the sc into the V of the stitch below)
esc = extended single crochet
Rnd 1: 30 sc in ring, join (30)
Rnd 2: ch 1, ws in each st around, join (30)
Rnd 3: ch 1, ws in next 9 sts, 2 ws in next st; repeat twice more, join (33)
Rnd 4: ch 1, esc in each st around, join (33)
Rnd 5: ch 1, hdc in each st around, join (33)
Rnd 6: ch 1, hdc in the third loop of each st around, join (33)`,
    makes: '30 30 33 33 33 33',
  },
  {
    name: 'short rows of a flap with turns in the middle',
    text: `Ch 21.
Row 1: sc in 2nd ch from hook, sc across. 20.
Row 2: ch 1, turn, sc across. 20.
Row 3: ch 1, turn, sc in next 16, leave last 4 unworked. 16.
Row 4: ch 1, turn, sc across. 16.
Row 5: ch 1, turn, sl st in first 2, sc in next 12, leave last 2 unworked. 12 sc.`,
    makes: '20 20 16 16 12',
  },
]
