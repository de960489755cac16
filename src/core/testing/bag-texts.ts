/* Bags as people write them, made up, each counted by hand: what they begin with, and what each of their rows leaves. */

export interface BagText {
  readonly text: string
  readonly as: string
  readonly makes: readonly number[]
  /** Rows that come out otherwise, and are told. */
  readonly told?: number
}

export const bagTexts: readonly BagText[] = [
  {
    as: 'half-round',
    makes: [13, 18, 18],
    text: `Half moon, make 2
Row 1: 13 dc in magic ring (13)
Row 2: join B with a standing dc in 2nd st, *2 dc in next st, dc in next st; rep from * to last st, 2 dc in last st (18)
Row 3: join A with a standing dc in 2nd st, dc in each st to last st, 2 dc in last st (18)
Sew front to back along the curve.`,
  },
  {
    as: 'written-base',
    makes: [8, 16, 24, 32, 32],
    text: `Two-yarn disc
Rnd 1: with Chalk, 8 sc in magic ring, join (8)
Rnd 2: ch 1, 2 sc in each st around, join (16)
Rnd 3: join Oxblood in 9th st, ch 1, *sc in next st, 2 sc in next st; rep from * around, join (24)
Rnd 4: with Chalk, beginning in the 13th st, ch 1, *sc in next 2 sts, 2 sc in next st; rep from * around, join (32)
Rnd 5: with Chalk, ch 1, sc in each st around, join (32)`,
  },
  {
    as: 'panel',
    makes: [20, 20, 20, 20],
    text: `Panel of V
Ch 21.
Row 1: sc in 2nd ch from hook and in each ch across (20)
Row 2: ch 3 (counts as dc), turn, *sk 1 st, (dc, ch 1, dc) in next st, sk 1 st; rep from * to last st, dc in last st (20)
Row 3: ch 3 (counts as dc), turn, *(dc, ch 1, dc) in next ch-sp; rep from * to last st, dc in last st (20)
Row 4: ch 1, turn, sc in each st and ch-sp across (20)`,
  },
  {
    as: 'open-ring',
    makes: [40, 40, 48, 40],
    text: `Loop sleeve
Ch 40, sl st in first ch to form a ring.
Rnd 1: ch 1, sc in each ch around, join (40)
Rnd 2: ch 3 (counts as dc), dc in each st around, join (40)
Rnd 3: ch 1, *sc in next st, ch 5, sk 4 sts; rep from * around, join (48)
Rnd 4: ch 1, 5 sc in each loop around, join (40)`,
  },
  {
    as: 'tube',
    makes: [36, 36, 36, 36],
    text: `Overlaid tube
Ch 36, join with sl st to form a ring.
Rnd 1: ch 1, sc in each ch around, join (36)
Rnd 2: ch 1, sc in back loop of each st around, join (36)
Rnd 3: with B, working into Rnd 1, ch 3 (counts as dc), dc in each st around, join (36)
Rnd 4: with B, ch 1, sc in each st around, join (36)
Sew the bottom closed.`,
  },
  {
    as: 'sideways-panel',
    makes: [30, 30, 30],
    text: `Sideways clutch
Ch 31.
Row 1: sc in 2nd ch from hook and in each ch across (30)
Row 2: ch 1, turn, sc in each st across (30)
Row 3: ch 1, turn, *sc in next st, dc in next st; rep from * across (30)
Lay the panel on its side, so that its rows run up the bag. Fold the bottom between stitches 12 and 13 of its rows, and the flap between stitches 24 and 25, right side out.`,
  },
  {
    as: 'strips',
    makes: [13, 13, 13, 13],
    text: `Checker of strips
Ch 14.
Row 1: with A, sc in 2nd ch from hook and in each ch across (13)
Row 2: with A, ch 1, turn, sc in each st across (13)
Row 3: with B, ch 1, turn, sc in each st across (13)
Row 4: with B, ch 1, turn, sc in each st across (13)
Lay 4 strips side by side for each face. Turn strips 2 and 4 of the front and 2 and 4 of the back head to tail, each counted from the left of its face.
Sew strip to strip.`,
  },
  {
    as: 'discs',
    makes: [12, 24, 36, 8, 8, 8],
    text: `Spoked drum
DISC (make 2)
Rnd 1: 12 dc in magic ring, join (12)
Rnd 2: ch 3 (does not count as a st), *FPdc around next st, dc in same st; rep from * around, join (24)
Rnd 3: ch 3 (does not count as a st), *FPdc around next st, dc in same st, dc in next st; rep from * around, join (36)
STRIP
Ch 9.
Row 1: sc in 2nd ch from hook and in each ch across (8)
Row 2: ch 1, turn, sc in each st across (8)
Row 3: ch 1, turn, sc in each st across (8)
Sew the strip to one disc. Sew the strip to the other disc.`,
  },
  {
    as: 'round-base',
    makes: [6, 12, 18, 24, 24, 24],
    text: `Bell pouch
Rnd 1: 6 sc in magic ring (6)
Rnd 2: [2 sc in next st] 6 times (12)
Rnd 3: [sc in next st, 2 sc in next st] 6 times (18)
Rnd 4: [sc in next 2 sts, 2 sc in next st] 6 times (24)
Rnd 5: sc in back loop of each st around (24)
Rnd 6: *sc in next 3 sts, puff in next st; rep from * around (24)`,
  },
  {
    as: 'oval-base',
    makes: [24, 24],
    text: `Oval in single
Ch 12.
Rnd 1: sc in 2nd ch from hook, sc in next 9 chs, 3 sc in last ch, working along opposite side of chain, sc in next 9 chs, 2 sc in same ch as first sc (24)
Rnd 2: sc in each st around (24)`,
  },
  {
    as: 'folded-panel',
    makes: [18, 18, 18, 18, 18, 18],
    text: `Envelope
Ch 19.
Row 1: sc in 2nd ch from hook and in each ch across (18)
Rows 2-5: ch 1, turn, sc in each st across (18)
Row 6: ch 1, turn, *sc in next st, hdc in next st; rep from * across (18)
Fold the bottom between rows 2 and 3, and the flap between rows 4 and 5, right side out.`,
  },
  {
    as: 'two-panels',
    makes: [16, 16, 16],
    text: `Plain pocket bag
Make 2 panels.
Ch 17.
Row 1: sc in 2nd ch from hook and in each ch across (16)
Row 2: ch 2 (does not count as a st), turn, hdc in each st across (16)
Row 3: ch 1, turn, sc in each st across (16)
Sew the two sides and the bottom.`,
  },
  {
    as: 'round-base',
    makes: [8, 16, 24, 32, 32, 16],
    text: `Drawn-in bowl
Round 1: 8 sc in a magic circle. (8 sc)
Round 2: Inc in each st. (16 sc)
Round 3: (Sc 1, inc) 8 times. (24 sc)
Round 4: (Sc 2, inc) 8 times. (32 sc)
Round 5: Sc in each st around. (32 sc)
Round 6: (Sc2tog) 16 times. (16 sc)`,
  },
  {
    as: 'written-base',
    makes: [12, 24, 36, 36],
    text: `Granny disc
Rnd 1: 12 dc in magic ring, sl st to join (12)
Rnd 2: ch 3 (counts as dc), dc in same st, 2 dc in each st around, sl st to join (24)
Rnd 3: ch 3 (counts as dc), dc in same st, dc in next st, *2 dc in next st, dc in next st; rep from * around, sl st to join (36)
Rnd 4: ch 3 (counts as dc), dc in each st around, sl st to join (36)`,
  },
  {
    as: 'tube',
    makes: [30, 30, 60, 30],
    text: `Mesh tube
Ch 30, sl st to form a ring.
Rnd 1: ch 1, sc in each ch around, join (30)
Rnd 2: ch 4 (counts as dc and ch 1), sk 1 st, *dc in next st, ch 1, sk 1 st; rep from * around, join (30)
Rnd 3: ch 1, 4 sc in each ch-1 sp around, join (60)
Rnd 4: ch 1, *sc2tog; rep from * around, join (30)
Whip stitch the bottom.`,
  },
  {
    as: 'panel',
    makes: [12, 12, 12],
    // The chain that counts as the first loop is said otherwise.
    told: 1,
    text: `Two-pass cloth
Ch 12.
Row 1: starting in 2nd ch from hook (counts as a loop), pull up a loop in each ch across; return: yo, pull through 1 loop, *yo, pull through 2 loops; rep from * across (12)
Row 2: ch 1 (counts as a loop), tall loop in each st across; return: yo, pull through 1 loop, *yo, pull through 2 loops; rep from * across (12)
Row 3: ch 1 (counts as a st), sl st in each st across (12)`,
  },
  {
    as: 'round-base',
    makes: [6, 12, 18, 18, 18],
    text: `Kreisbeutel in UK terms
Rnd 1: 6 dc in magic ring (6)
Rnd 2: 2 dc in each st (12)
Rnd 3: (1 dc, 2 dc in next st) 6 times (18)
Rnd 4: 1 htr in each st (18)
Rnd 5: *1 tr in next st, 1 dc in next st; rep from * to end (18)`,
  },
  {
    as: 'panel',
    makes: [21, 21, 21],
    text: `Shell strip
Ch 22.
Row 1: sc in 2nd ch from hook, sc in each ch across (21)
Row 2: ch 1, turn, sc in first st, *sk 1 st, 3 dc in next st, sk 1 st, sc in next st; rep from * across (21)
Row 3: ch 1, turn, sc in each st across (21)`,
  },
  {
    as: 'tube',
    makes: [24, 24, 24],
    text: `Post rib
Ch 24, join to form a ring.
Rnd 1: ch 3 (counts as dc), dc in each ch around, join (24)
Rnd 2: ch 2 (does not count as a st), *FPdc around next st, BPdc around next st; rep from * around, join (24)
Rnd 3: ch 2 (does not count as a st), *FPdc around next st, BPdc around next st; rep from * around, join (24)
Sew the bottom.`,
  },
  {
    as: 'round-base',
    makes: [7, 14, 21, 28, 28, 36],
    text: `Handled basket
R1: 7 sc in MR (7)
R2: inc x7 (14)
R3: (1 sc, inc) x7 (21)
R4: (2 sc, inc) x7 (28)
R5: 28 sc (28)
R6: 5 sc, ch 8, sk 4, 10 sc, ch 8, sk 4, 5 sc (36)`,
  },
  {
    as: 'panel',
    makes: [15, 15, 13, 13],
    text: `Tapered tab
Row 1: ch 16, sc in 2nd ch from hook and in each ch across (15)
Row 2: ch 1, turn, 15 sc (15)
Row 3: ch 1, turn, sc2tog, sc in next 11 sts, sc2tog (13)
Row 4: ch 1, turn, sc in each st across (13)`,
  },
  {
    as: 'panel',
    makes: [10, 10, 10],
    text: `Two-yarn rows
Ch 11.
Row 1: with A, sc in 2nd ch from hook and in each ch across (10)
Row 2: ch 1, turn, with A sc in next 5 sts, with B sc in next 5 sts (10)
Row 3: ch 1, turn, with B sc in next 5 sts, with A sc in next 5 sts (10)`,
  },
  {
    as: 'round-base',
    makes: [6, 12, 12, 24],
    text: `V basket
Rnd 1: 6 sc in magic ring (6)
Rnd 2: 2 sc in each st around (12)
Rnd 3: sc in each st around (12)
Rnd 4: *(dc, ch 2, dc) in next st, sk 1 st; rep from * around (24)`,
  },
  {
    as: 'half-round',
    makes: [4, 8, 12, 12],
    text: `Half round in rows
Row 1: ch 3 (does not count as a st), 4 dc in magic ring (4)
Row 2: ch 3 (does not count as a st), turn, 2 dc in each st across (8)
Row 3: ch 3 (does not count as a st), turn, *dc in next st, 2 dc in next st; rep from * across (12)
Row 4: ch 1, turn, sc in each st across (12)`,
  },
  {
    as: 'tube',
    makes: [20, 20, 20],
    text: `Front-loop tube
Ch 20, sl st in first ch to form a ring.
Rnd 1: sc in each ch around (20)
Rnd 2: sc in front loop of each st around (20)
Rnd 3: sc in back loop of each st around (20)
Fold and sew the bottom.`,
  },
  {
    as: 'round-base',
    makes: [6, 12, 18, 18, 18],
    text: `Fresh rounds
Rnd 1: with A, 6 sc in magic ring, join (6)
Rnd 2: ch 1, inc in each st around, join (12)
Rnd 3: ch 1, *sc in next st, inc in next st; rep from * around, join, fasten off (18)
Rnd 4: join B in 10th st, ch 1, sc in each st around, join, fasten off (18)
Rnd 5: join A in 10th st, ch 1, sc in each st around, join (18)`,
  },
]
