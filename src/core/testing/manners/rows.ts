import type { Manner } from './manner.ts'

/* How rows are begun, repeated and ended. */
export const rows: readonly Manner[] = [
  {
    name: 'the last rows again, after rows without numbers',
    text: `Strap
Ch 8.
Row 1: sc in 2nd ch from hook and in each ch across. (7)
Next row: ch 1, turn, sc in each st. (7)
Repeat the last row until the strap measures 60 cm.
Next row: ch 1, turn, sc2tog, sc in next 3 sts, sc2tog. (5)
Next row: ch 1, turn, sc in each st. (5)
Fasten off.`,
    makes: '7 7 5 5',
  },
  {
    name: 'as rows, with blanks',
    text: `Ch 15
Row 1: sc in 2nd ch from hook and in each ch across (14)
Row 2: ch 1, sc in each st (14)
Row 3: ch 1, *sc, hdc* to end (14)
Rows 4 - 9: as rows 2 - 3 (14)
Row 10: same as row 2 (14)
Row 11: as row 3 (14)`,
    makes: '14 14 14 14x6 14 14',
  },
  {
    name: 'worked even',
    text: `Rnd 1: 8 sc in mr (8)
Rnd 2: inc around (16)
Rnd 3: *sc, inc* around (24)
Work even for 6 rounds.
Rnd 10: *2 sc, dec* around (18)
Work 3 rounds even.
Rnd 14: *sc, dec* around (12)`,
    makes: '8 16 24 24x6 18 18x3 12',
  },
  {
    name: 'continue increasing',
    text: `Rnd 1: 6 sc in ring. (6)
Rnd 2: 2 sc in each st. (12)
Rnd 3: *sc, inc; rep from * around. (18)
Rnds 4-6: continue increasing 6 sts in each rnd until there are 36 sts.
Rnd 7: sc in each st. (36)
Rnd 8: *sc in next 4 sts, sc2tog; rep from * around. (30)`,
    makes: '6 12 18 24 30 36 36 30',
  },
  {
    name: 'every odd row',
    text: `Ch 13.
Row 1 and every odd row: sc in each st to end (row 1: in 2nd ch from hook and in each ch). (12)
Row 2: ch 1, turn, *sc, dc; rep from * to end. (12)
Row 4: ch 1, turn, *dc, sc; rep from * to end. (12)
Row 6: as Row 2. (12)`,
    makes: '12 12 12 12 12 12',
  },
  {
    name: 'five times more',
    text: `Ch 19.
Row 1: sc in 2nd ch from hook and in each ch across. 18 sc
Row 2: ch 1, turn, sc in each sc. 18 sc
Row 3: ch 1, turn, *sc in next sc, ch 1, sk 1 sc; rep from * to last 2 sc, sc in last 2 sc. 18 sts
Row 4: ch 1, turn, sc in each sc and ch. 18 sc
Rep rows 3 and 4 five times more.
Row 15: ch 1, turn, sc in each sc. 18 sc`,
    makes: '18 18 18 18 18x10 18',
  },
  {
    name: 'in pattern',
    text: `Ch 27.
Row 1: sc in 2nd ch from hook, *ch 1, sk 1 ch, sc in next ch; rep from * to last ch, sc in last ch. 26 sts.
Row 2: ch 1, turn, sc in first 2 sts, *sc in next ch, ch 1, sk 1 sc; rep from * to last 2 sts, sc in next ch, sc in last sc. 26 sts.
Continue in patt until it measures 18 cm.
Last row: ch 1, turn, sc in each st and ch across. 26 sc.`,
    makes: '26 26 26',
  },
  {
    name: 'a foundation in a sentence',
    text: `To begin, make a loose chain of 31 stitches.
Row 1: Beginning in the second chain, work 30 sc.
Row 2: Chain 1, turn, and work a sc in each of the 30 stitches.
Row 3: Chain 1, turn, 2 sc in the first stitch, sc in the next 28, 2 sc in the last. 32 stitches.
Row 4: Chain 1, turn, sc all the way across. 32 stitches.`,
    makes: '30 30 32 32',
  },
  {
    name: 'foundation chain with a colon, joined without twisting',
    text: `Foundation chain: 48 ch. Join with a slip stitch, taking care not to twist.
Round 1: ch 1, sc in each ch around, join. 48 sc
Round 2: ch 1, *sc in next 7 sc, 2 sc in next sc; rep from * around, join. 54 sc
Rounds 3–9: ch 1, sc in each sc around, join. 54 sc
Round 10: ch 1, *sc in next 7 sc, sc2tog; rep from * around, join. 48 sc. Break off and weave in.`,
    makes: '48 54 54x7 48',
  },
  {
    name: 'chain with a multiple and a remark',
    text: `Make a chain of a multiple of 4 + 2; here 30.
Row 1: sc in 2nd ch from hook, sc in each ch. 29 sc.
Row 2: ch 1, turn, sc in first sc, *ch 3, skip 3 sc, sc in next sc; rep from * to end. 7 loops.
Row 3: ch 1, turn, sc in first sc, *3 sc in next loop, sc in next sc; rep from * to end. 29 sc.`,
    makes: '29 29 29',
  },
  {
    name: 'finishing within the last row',
    text: `Rnd 1: ch 40, sl st in first ch, careful not to twist. 40 ch
Rnd 2: sc in each ch. 40 sc
Rnds 3-6: sc in each sc. 40 sc
Rnd 7: change to B, sc in each sc, drop A. 40 sc
Rnd 8: with B, sc in each sc, pick up A. 40 sc
Rnd 9: with A, sl st in each sc, f.o., weave in all ends. 40 sl sts`,
    makes: '40 40 40x4 40 40 40',
  },
  {
    name: 'oval, both sides of the chain',
    text: `Start: ch 13.
R1: 2 sc in 2nd ch from hook, 10 sc, 4 sc in last ch. Other side: 10 sc, 2 sc in last ch. [28]
R2: 2 inc, 10 sc, 4 inc, 10 sc, 2 inc. [36]
R3: (1 sc, inc) x2, 10 sc, (1 sc, inc) x4, 10 sc, (1 sc, inc) x2. [44]
R4: 44 sc. [44]`,
    makes: '28 36 44 44',
  },
  {
    name: 'rectangle turned into rounds',
    text: `Row 1: ch 16, sc in 2nd ch from hook and each ch across. 15 sts
Rows 2-5: ch 1, turn, sc across. 15 sts
Do not turn. Now work around the piece:
Rnd 1: ch 1, 5 sc down the side, 15 sc across the bottom, 5 sc up the other side, 15 sc across the top, sl st to first sc. 40 sts
Rnd 2: ch 1, blo sc around, sl st to first sc. 40 sts
Rnds 3-5: ch 1, sc around, sl st to first sc. 40 sts`,
    makes: '15 15x4 40 40 40x3',
  },
  {
    name: 'handles in a round',
    text: `Rnd 1: ch 60, join to form a ring. (60)
Rnd 2: sc in each ch around. (60)
Rnds 3-4: sc in each st around. (60)
Rnd 5: 10 sc, 20 ch, skip 10 sts, 20 sc, 20 ch, skip 10 sts, 10 sc. (80)
Rnd 6: 10 sc, 20 sc in the ch loop, 20 sc, 20 sc in the ch loop, 10 sc. (80)
Rnd 7: sl st in each st around. Fasten off. (80)`,
    makes: '60 60 60x2 80 80 80',
  },
  {
    name: 'two at a time',
    text: `Chain 12, slip stitch into the first chain.
Round 1: 24 sc in the ring. (24)
Round 2: *2 hdc in next st, skip next st; repeat from * around. (24)
Round 3: *2 hdc in sp between next 2 hdc; repeat from * around, working between the two hdc of each pair. (24)
Rounds 4 and 5: repeat round 3. (24)`,
    makes: '24 24 24 24x2',
  },
  {
    name: 'work even in rounds, count said once',
    text: `The bag has 36 stitches around.
Rnd 1: MR, 6 sc
Rnd 2: inc around
Rnd 3: sc, inc around
Rnd 4: 2 sc, inc around
Rnd 5: 3 sc, inc around
Rnd 6: 4 sc, inc around (36)
Rnds 7-20: sc around
Rnd 21: 4 sc, dec around (30)`,
    makes: '6 12 18 24 30 36 36x14 30',
  },
  {
    name: 'rows grouped under one heading',
    text: `Rows 1-3, worked in A:
Row 1: ch 11, sc in 2nd ch from hook and each ch. 10 sc.
Row 2: ch 1, turn, sc in each. 10 sc.
Row 3: ch 1, turn, sc in each. 10 sc.
Rows 4-6, worked in B:
Row 4: ch 1, turn, hdc in each. 10 hdc.
Row 5: ch 1, turn, hdc in each. 10 hdc.
Row 6: ch 1, turn, sc in each. 10 sc.`,
    makes: '10 10 10 10 10 10',
  },
  {
    name: 'short rows of a flap',
    text: `Join yarn at the right edge of the back.
Row 1: ch 1, sc in next 24 sts, turn. (24)
Row 2: ch 1, sc2tog, sc in each st to last 2, sc2tog, turn. (22)
Rows 3-8: rep row 2. (20, 18, 16, 14, 12, 10)
Row 9: ch 1, sc in each st, turn. (10)`,
    makes: '24 22 20 18 16 14 12 10 10',
  },
  {
    name: 'stripes that say when',
    text: `With A ch 26.
R1: sc in 2nd ch from hook and in ea ch across, turn – 25
R2: ch 1, sc in ea st across, changing to B in last st, turn – 25
R3: ch 1, sc in ea st across, turn – 25
R4: ch 1, sc in ea st across, changing to A in last st, turn – 25
R5 - R12: rep R1 - R4 twice, working R1 into sts – 25
R13: ch 1, sc in ea st across, fasten off both – 25`,
    makes: '25 25 25 25 25x8 25',
  },
  {
    name: 'two straps and a loop',
    text: `Straps (make two)
Ch 42.
Row 1: hdc in 3rd ch from hook, hdc in each ch across. 40 hdc.
Row 2: ch 1, turn, sl st in each st across. 40 sl st. Fasten off.
Loop (make one)
Ch 12.
Row 1: sl st in 2nd ch from hook and in each ch across. 11 sl st.`,
    makes: '40 40 11',
  },
]
