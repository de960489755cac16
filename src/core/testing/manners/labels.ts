import type { Manner } from './manner.ts'

/* How rows are labelled and totals said. */
export const labels: readonly Manner[] = [
  {
    name: 'number and bracket, total after a full stop',
    text: `Horn pouch base
1) 7 sc in ring. 7 sc.
2) 2 sc in each st. 14 sc.
3) (sc, inc) 7 times. 21 sc.
4) (2 sc, inc) x7. 28 sc.
5) sc in each st around. 28 sc.
6) (sc 5, sc2tog) x4. 24 sc.`,
    makes: '7 14 21 28 28 24',
  },
  {
    name: 'number in brackets, total after an arrow',
    text: `(1) 8 sc into a magic ring → 8
(2) inc in every st → 16
(3) *1 sc, inc* repeat around → 24
(4) *2 sc, inc* repeat around → 32
(5)-(7) sc in every st → 32`,
    makes: '8 16 24 32 32x3',
  },
  {
    name: 'Rd and a full stop, total after a comma',
    text: `Rd 1. 6 sc in a magic ring, 6 sts.
Rd 2. inc in each st, 12 sts.
Rd 3. [inc, sc in next st] to end, 18 sts.
Rd 4. [inc, sc in next 2 sts] to end, 24 sts.
Rd 5. sc in each st around, in back loops only, 24 sts.
Rd 6 & 7. sc in each st around, 24 sts.`,
    makes: '6 12 18 24 24 24 24',
  },
  {
    name: 'number words',
    text: `Round one: six single crochet into the ring (six).
Round two: two single crochet in each stitch (twelve).
Round three: one single crochet in the next stitch, two single crochet in the next; repeat all the way round (eighteen).
Round four: one single crochet in each of the next two stitches, two single crochet in the next; repeat all the way round (twenty-four).
Rounds five to seven: one single crochet in each stitch around (twenty-four).`,
    makes: '6 12 18 24 24x3',
  },
  {
    name: 'marks before and after',
    text: `» Rnd 1: 10 hdc in magic ring, sl st to first hdc. «10»
» Rnd 2: ch 1, 2 hdc in each st, sl st to first hdc. «20»
» Rnd 3: ch 1, *hdc in next st, 2 hdc in next st*, repeat from * to * around, sl st to first hdc. «30»
» Rnd 4: ch 1, hdc in each st, sl st to first hdc. «30»`,
    makes: '10 20 30 30',
  },
  {
    name: 'label alone on its line',
    text: `ROUND 1
Make a magic ring and work 9 dc into it. Join with a slip stitch.
(9 dc)

ROUND 2
Chain 2 (does not count). 2 dc in each stitch around. Join.
(18 dc)

ROUND 3
Chain 2 (does not count). *Dc in the next stitch, 2 dc in the next stitch. Repeat from * around. Join.
(27 dc)`,
    makes: '9 18 27',
  },
  {
    name: 'table with bars',
    text: `| Round | What to do | Count |
| --- | --- | --- |
| 1 | 6 sc in magic ring | 6 |
| 2 | inc x 6 | 12 |
| 3 | (sc, inc) x 6 | 18 |
| 4 | (2 sc, inc) x 6 | 24 |
| 5-8 | sc around | 24 |`,
    makes: '6 12 18 24 24x4',
  },
  {
    name: 'columns pasted from a sheet',
    text: `Rnd\tWork\tSts
1\t8 sc in ring\t8
2\tinc around\t16
3\t*sc, inc* around\t24
4\tsc around\t24
5\t*3 sc, inc* around\t30`,
    makes: '8 16 24 24 30',
  },
  {
    name: 'count before the label',
    text: `[6] Round 1: 6 sc in the ring
[12] Round 2: increase in each st
[18] Round 3: *1 sc, increase* six times
[18] Round 4: sc all around
[12] Round 5: *1 sc, dec* six times`,
    makes: '6 12 18 18 12',
  },
  {
    name: 'yarn in the label',
    text: `Rnd 1 (A): 12 hdc in ring, sl st to close - 12
Rnd 2 (A): ch 1, 2 hdc in each - 24
Rnd 3 (B): ch 1, hdc in each - 24
Rnd 4 (A): ch 1, *hdc, 2 hdc in next st* x 12 - 36
Rnds 5-6 (B): ch 1, hdc in each - 36`,
    makes: '12 24 24 36 36 36',
  },
  {
    name: 'dots before the total',
    text: `R1 6 sc in MR ..... 6
R2 inc x6 ..... 12
R3 (1 sc, inc) x6 ..... 18
R4 (2 sc, inc) x6 ..... 24
R5-R9 sc around ..... 24
R10 (2 sc, dec) x6 ..... 18`,
    makes: '6 12 18 24 24x5 18',
  },
  {
    name: 'Total said as a sentence',
    text: `Chain 25.
First row: hdc in the 3rd chain from the hook and in every chain to the end. Total: 23 hdc. Turn.
Second row: ch 2 (not a stitch), hdc in every hdc. Total: 23 hdc. Turn.
Third row: ch 2, hdc2tog, hdc in every hdc to the last 2, hdc2tog. Total: 21 hdc. Turn.
Fourth row: ch 2, hdc in every hdc. Total: 21 hdc.`,
    makes: '23 23 21 21',
  },
  {
    name: 'inclusive, and a list of rounds',
    text: `Rnd 1: 16 sc in ring. (16)
Rnds 2, 3 & 4: sc in each sc around. (16)
Rnds 5 to 8 inclusive: sc in each sc around. (16)
Rnd 9: *sc in next 3 sc, 2 sc in next sc; rep from * around. (20)
Rnds 10, 12: sc in each sc around. (20)
Rnd 11: sc in blo of each sc around. (20)`,
    makes: '16 16x3 16x4 20 20 20 20',
  },
  {
    name: 'next four rows',
    text: `Foundation: ch 31.
Row 1: sc in second ch from hook, sc in each ch to end. 30 sc.
Next four rows: ch 1, sc in each sc to end. 30 sc.
Next row: ch 1, sc in first 2 sc, *ch 1, miss 1 sc, sc in next sc; repeat from * to end. 30 sts.
Following row: ch 1, sc in each sc and each ch to end. 30 sc.`,
    makes: '30 30x4 30 30',
  },
  {
    name: 'second column is the total, in angle brackets, rows as ordinals',
    text: `1st Round: Ch 2, 8 sc in second ch from hook <8>
2nd Round: 2 sc in each sc <16>
3rd Round: * 1 sc in next sc, 2 sc in next sc, rep from * <24>
4th - 6th Round: 1 sc in each sc <24>
7th Round: * 1 sc in each of next 4 sc, 2 sc tog, rep from * <20>`,
    makes: '8 16 24 24x3 20',
  },
  {
    name: 'equals sign, and has stitches',
    text: `Base, in rounds
1: MR, 6sc = 6sts
2: 6inc = 12sts
3: (1sc, 1inc)*6 = 18sts
4: (2sc, 1inc)*6 = 24sts
5: BLO sc around = 24sts
6-9: sc around = 24sts
10: (2sc, 1dec)*6 = 18sts`,
    makes: '6 12 18 24 24 24x4 18',
  },
  {
    name: 'cards',
    text: `--- Round 1 ---
Work: 8 hdc into an adjustable loop
Stitches: 8

--- Round 2 ---
Work: 2 hdc in each stitch
Stitches: 16

--- Round 3 ---
Work: (hdc in next stitch, 2 hdc in next stitch) 8 times
Stitches: 24`,
    makes: '8 16 24',
  },
  {
    name: 'list with ticks, and you have',
    text: `☐ Rnd 1 – Magic ring, ch 1, 12 sc into ring, slst to 1st sc (you have 12 sc)
☐ Rnd 2 – Ch 1, 2 sc in same st and in each st around, slst to 1st sc (you have 24 sc)
☐ Rnd 3 – Ch 1, sc in same st, 2 sc in next st, [sc in next st, 2 sc in next st] 11 times, slst to 1st sc (you have 36 sc)
☐ Rnd 4 – Ch 1, sc in same st and each st around, slst to 1st sc (you have 36 sc)`,
    makes: '12 24 36 36',
  },
  {
    name: 'sides in brackets, totals of two kinds',
    text: `Ch 24
Row 1 [RS]: dc in 6th ch from hook, *ch 1, skip 1 ch, dc in next ch; rep from * to end: 11 dc, 10 ch-1 sps
Row 2 [WS]: ch 4 (counts as dc and ch 1), *dc in next dc, ch 1; rep from *, dc in 3rd ch of turning ch: 11 dc, 10 ch-1 sps
Row 3 [RS]: ch 1, sc in each dc and each ch-1 sp to end: 21 sc`,
    makes: '21 21 21',
  },
  {
    name: 'several sizes',
    text: `Sizes: small (medium, large)
Ch 21 (25, 29).
Row 1: sc in 2nd ch from hook and in each ch across. 20 (24, 28) sc
Row 2: ch 1, turn, sc in each st across. 20 (24, 28) sc
Row 3: ch 1, turn, sc in next 5 (6, 7) sts, inc, sc in next 8 (10, 12) sts, inc, sc in next 5 (6, 7) sts. 22 (26, 30) sc
Rows 4-6 (4-8, 4-10): ch 1, turn, sc in each st across. 22 (26, 30) sc`,
    makes: '20 20 22 22x3',
  },
]
