import type { Manner } from './manner.ts'

/* Held back while the reader was written a fourth time: six of eleven were read in full then, nothing silently wrong. */
export const thirdLook: readonly Manner[] = [
  {
    name: 'sling for a bottle, joined rounds, totals in brackets at the start of a line below',
    text: `Bottle sling. You need 60 g of cotton and a 3.5 mm hook.
Rnd 1: ch 4, sl st in first ch to form a ring, ch 3 (counts as dc), 11 dc in ring, sl st in top of ch 3.
[12 dc]
Rnd 2: ch 3 (counts as dc), dc in same st, 2 dc in each st around, sl st in top of ch 3.
[24 dc]
Rnd 3: ch 1, sc in each st around, sl st in first sc.
[24 sc]
Rnd 4: ch 1, sc in first st, *ch 5, sk 2 sts, sc in next st; rep from * 6 more times, ch 5, sk 2 sts, sl st in first sc.
[8 sc, 8 ch-5 sps]
Rnd 5: sl st in next 2 ch, ch 1, sc in same sp, *ch 5, sc in next ch-5 sp; rep from * 6 more times, ch 5, sl st in first sc.
[8 sc, 8 ch-5 sps]
Rnds 6-12: rep Rnd 5.
[8 sc, 8 ch-5 sps]
Rnd 13: ch 1, 3 sc in each ch-5 sp around, sl st in first sc.
[24 sc]`,
    makes: '12 24 24 48 48 48x7 24',
  },
  {
    name: 'flat panel, each row said in full sentences with "across the row"',
    text: `Begin with a foundation chain of 28.
Row 1 (right side): Single crochet into the second chain from the hook and into each chain across the row. You should have 27 stitches. Turn.
Row 2 (wrong side): Chain 1. Single crochet into each stitch across the row. 27 stitches. Turn.
Row 3: Chain 1. Single crochet into the first stitch, then *half double crochet into the next stitch, single crochet into the next stitch* across the row. 27 stitches. Turn.
Row 4: Same as row 2.
Rows 5-12: Repeat rows 3 and 4 four times.
Row 13: Chain 1. Single crochet two together, single crochet into each stitch until the last two, single crochet two together. 25 stitches. Turn.`,
    makes: '27 27 27 27 27x8 25',
  },
  {
    name: 'spiral base with "st" singular and "around x" notes',
    text: `MC Brass, CC Plum
R1: (MC) magic ring, 6sc - 6st
R2: (MC) inc x6 - 12st
R3: (MC) [sc1, inc] x6 - 18st
R4: (MC) [sc2, inc] x6 - 24st
R5: (CC) [sc3, inc] x6 - 30st
R6: (CC) sc30 - 30st
R7: (MC) sc30 - 30st
R8: (MC) [sc3, dec] x6 - 24st
R9: (CC) sc24 - 24st`,
    makes: '6 12 18 24 30 30 30 24 24',
  },
  {
    name: 'UK bobble pouch',
    text: `(UK terms) MB = make bobble: 4 tr together in the same st.
Ch 25.
1st row (RS): 1 dc in 2nd ch from hook, 1 dc in each ch to end. (24 dc)
2nd row: 1 ch, turn, 1 dc in each dc to end. (24 dc)
3rd row: As 2nd row.
4th row (WS): 1 ch, turn, 1 dc in each of first 3 dc, *MB in next dc, 1 dc in each of next 3 dc; rep from * to last dc, 1 dc in last dc. (24 sts, 5 bobbles)
5th row: 1 ch, turn, 1 dc in each st to end. (24 dc)
6th to 9th rows: As 2nd row.
10th row: As 4th row.
11th row: 1 ch, turn, 1 dc in each st to end. (24 dc)`,
    makes: '24 24 24 24 24 24x4 24 24',
  },
  {
    name: 'striped wristlet with a colour plan after the rows',
    text: `Row 1: with A, ch 31, sc in 2nd ch from hook and each ch across. [30 sc]
Row 2: ch 1, turn, sc in each sc across. [30 sc]
Row 3: ch 1, turn, *sc in next 2 sc, ch 1, sk 1; rep from * across. [20 sc, 10 ch-1 sp]
Row 4: ch 1, turn, *sc in ch-1 sp, sc in next 2 sc; rep from * across. [30 sc]
Row 5: ch 1, turn, hdc in each sc across. [30 hdc]
Row 6: ch 1, turn, sc in each hdc across. [30 sc]
Rows 7-12: repeat rows 3-6, then rows 3 and 4. [30 sc]
Colours: rows 1 and 2 A, rows 3 and 4 B, and so on.`,
    makes: '30 30 30 30 30 30 30x6',
  },
  {
    name: 'hexagonal base by sixths',
    text: `Rnd 1: 6 sc in magic ring. (1 sc per side = 6)
Rnd 2: [2 sc in next st] 6 times. (2 sc per side = 12)
Rnd 3: [sc, 2 sc in next st] 6 times. (3 sc per side = 18)
Rnd 4: [2 sc, 2 sc in next st] 6 times. (4 sc per side = 24)
Rnd 5: [3 sc, 2 sc in next st] 6 times. (5 sc per side = 30)
Rnd 6: sc in each st. (30)`,
    makes: '6 12 18 24 30 30',
  },
  {
    name: 'clasp purse worked from the clasp down',
    text: `Ch 36; without twisting join with sl st.
Rnds 1-2: ch 1, sc in each st around, join. (36 sts)
Rnd 3: ch 1, [sc in next 5 sts, inc] 6 times, join. (42 sts)
Rnds 4-8: ch 1, sc in each st around, join. (42 sts)
Rnd 9: ch 1, [sc in next 5 sts, sc2tog] 6 times, join. (36 sts)
Rnd 10: ch 1, [sc in next 4 sts, sc2tog] 6 times, join. (30 sts)
Rnd 11: ch 1, [sc in next 3 sts, sc2tog] 6 times, join. (24 sts)
Rnd 12: ch 1, [sc in next 2 sts, sc2tog] 6 times, join. (18 sts)
Rnd 13: ch 1, [sc in next st, sc2tog] 6 times, join. (12 sts)
Rnd 14: ch 1, sc2tog 6 times, join. Cut yarn, draw through the remaining sts. (6 sts)`,
    makes: '36x2 42 42x5 36 30 24 18 12 6',
  },
  {
    name: 'rows numbered with hashes and stitches in brackets in the text',
    text: `#1 – 20 ch, then sc (19) starting from the second ch.
#2 – ch 1, turn, sc (19).
#3 – ch 1, turn, sc (19).
#4 – ch 1, turn, inc, sc (17), inc → (21).
#5 – ch 1, turn, sc (21).`,
    makes: '19 19 19 21 21',
  },
  {
    name: 'post-stitch cable band, chart words',
    text: `Cable band. Ch 14.
Row 1: dc in 4th ch from hook (counts as 2 dc), dc in each ch to end. (12 dc)
Row 2 (WS): ch 2 (counts as dc), turn, skip first dc, dc in next dc, bpdc around each of next 8 dc, dc in last 2 dc. (12 sts)
Row 3 (RS): ch 2 (counts as dc), turn, skip first dc, dc in next dc, [skip 2, fptr around each of next 2 sts, fptr around each of 2 skipped sts] twice, dc in last 2 dc. (12 sts)
Row 4: repeat row 2. (12 sts)
Row 5: ch 1, turn, sc in each st across. (12 sc)`,
    makes: '12 12 12 12 12',
  },
  {
    name: 'work plan with verbs first',
    text: `Start: magic ring.
R1 - work 7 sc into the ring [7]
R2 - double every stitch [14]
R3 - double every second stitch [21]
R4 - double every third stitch [28]
R5 - work one round without increasing [28]
R6 - double every fourth stitch [35]
R7-R10 - work without increasing [35]`,
    makes: '7 14 21 28 28 35 35x4',
  },
  {
    name: 'in two sizes with a slash, spaces around',
    text: `Sizes: mini / maxi
Ch 26 / 34, join.
Rnd 1: sc in each ch, join. 26 / 34 sc
Rnd 2: sc in each sc, join. 26 / 34 sc
Rnd 3: *ch 1, sk 1, sc in next sc; rep from * around, join. 13 / 17 sc, 13 / 17 ch-1 sps
Rnd 4: sc in each sc and ch-1 sp, join. 26 / 34 sc`,
    makes: '26 26 26 26',
  },
]
