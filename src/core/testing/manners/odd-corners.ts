import type { Manner } from './manner.ts'

/* Held back while the reader was written a second time: seven of the twenty were read in full then. */
export const oddCorners: readonly Manner[] = [
  {
    name: 'an old magazine',
    text: `Commence with 5 ch., join with a s.s. to form a circle.
1st Row. 3 ch., 13 tr. into circle, s.s. to 3rd ch. (14 tr.).
2nd Row. 3 ch., 1 tr. into same place, 2 tr. into each tr. all round, s.s. to 3rd ch. (28 tr.).
3rd Row. 1 ch., 1 d.c. into each tr., s.s. to 1st d.c. (28 d.c.).`,
    makes: '14 28 28',
  },
  {
    name: 'lower case without stops',
    text: `base of the bottle sling
r1 6 sc in magic circle
r2 2 sc in every stitch 12
r3 1 sc then 2 in the next all the way round 18
r4 2 sc then 2 in the next all the way round 24
r5 to r8 sc in every stitch 24`,
    makes: '6 12 18 24 24x4',
  },
  {
    name: 'translated',
    text: `Start with magic ring.
1. Tour: crochet 8 single crochets in the ring = 8 sc
2. Tour: double every stitch = 16 sc
3. Tour: double every 2nd stitch = 24 sc
4. Tour: crochet 1 single crochet in every stitch = 24 sc
5. Tour: double every 4th stitch = 30 sc`,
    makes: '8 16 24 24 30',
  },
  {
    name: 'video captions',
    text: `Rnd 1 - we are going to put ten half doubles into our ring (10)
Rnd 2 - chain one, two half doubles in each one, all the way around (20)
Rnd 3 - chain one, half double in the first, two in the next, and we keep that up around (30)
Rnd 4 - chain one, half double in each, back loop only (30)`,
    makes: '10 20 30 30',
  },
  {
    name: 'bullets with sums',
    text: `• Rnd 1: 12 dc in ring → 12
• Rnd 2: 12 × inc → 12 × 2 = 24
• Rnd 3: (1 dc + inc) × 12 → 12 × 3 = 36
• Rnd 4: (2 dc + inc) × 12 → 12 × 4 = 48
• Rnd 5: 48 sc → 48`,
    makes: '12 24 36 48 48',
  },
  {
    name: 'panel with a stitch pattern named by letters',
    text: `Pattern A: sc in first st, *dc in next st, sc in next st; rep from * across
Pattern B: sc in each st across
Ch 16
Row 1: sc in 2nd ch from hook and in each ch across (15)
Row 2: ch 1, turn, work Pattern A (15)
Row 3: ch 1, turn, work Pattern B (15)
Rows 4-7: alternate A and B (15)`,
    makes: '15 15 15 15x4',
  },
  {
    name: 'both numbers for the row',
    text: `Round 1 of 6: 6 sc in a magic ring. You have 6.
Round 2 of 6: 2 sc in each. You have 12.
Round 3 of 6: *sc, 2 sc in next* x6. You have 18.
Round 4 of 6: *2 sc, 2 sc in next* x6. You have 24.
Round 5 of 6: sc in each. You have 24.
Round 6 of 6: sl st in each. You have 24. Fasten off.`,
    makes: '6 12 18 24 24 24',
  },
  {
    name: 'times first, in words',
    text: `R1: in a ring: 8 times sc (8)
R2: 8 times inc (16)
R3: 8 times: sc, inc (24)
R4: 8 times: sc, sc, inc (32)
R5: sc 32 times (32)
R6: 4 times: 6 sc, sc2tog (28)`,
    makes: '8 16 24 32 32 28',
  },
  {
    name: 'spaces of a net',
    text: `Ch 40, ss into first ch, do not twist.
Rnd 1: ch 1, dc in each ch, ss to first dc. 40 dc (UK)
Rnd 2: *5 ch, miss 3 dc, dc in next dc, rep from * to end. 10 arches
Rnd 3: ss up to the middle of the first arch, *5 ch, dc in next arch, rep from * ending in the first arch. 10 arches
Rnd 4: *3 dc in next arch, 1 dc in dc, rep from *. 40 dc`,
    makes: '40 60 60 40',
  },
  {
    name: 'side, yarn and count in one bracket',
    text: `Row 1 (RS, A, 20 sts): ch 21, sc in 2nd ch from hook and in each ch to end
Row 2 (WS, A, 20 sts): ch 1, sc in each st to end
Row 3 (RS, B, 20 sts): ch 1, sc in first st, *ch 1, sk 1 st, sc in next st; rep from * to last st, sc in last st
Row 4 (WS, B, 20 sts): ch 1, sc in each sc and in each ch to end`,
    makes: '20 20 20 20',
  },
  {
    name: 'clock and compass',
    text: `Square base. Mark the corners.
Rnd 1: 8 sc in ring. 8
Rnd 2: *sc, 3 sc in next st (corner)* four times. 16
Rnd 3: *2 sc, 3 sc in corner st, 1 sc* four times. 24
Rnd 4: *3 sc, 3 sc in corner st, 2 sc* four times. 32
Rnd 5: sc in each st. 32`,
    makes: '8 16 24 32 32',
  },
  {
    name: 'two panels at once',
    text: `Front and back (make 2)
With A, chain 22.
1st row: Work 1 half double in the 3rd chain, then in every chain. 20 hdc.
2nd row and all rows to the 6th: 2 chain, turn, 1 half double in every stitch. 20 hdc.
7th row: 2 chain, turn, *1 half double, skip 1, 2 half doubles in 1, 1 half double; repeat from * to the end. 20 hdc.`,
    makes: '20 20x5 20',
  },
  {
    name: 'corners in words',
    text: `R1) ch 12, turn; 1 sc in 2nd ch from hook, 9 sc, 3 sc in end ch; go on along the underside: 9 sc, 2 sc in same ch as the first. [24]
R2) inc, 9 sc, 3 inc, 9 sc, 2 inc. [30]
R3) 30 sc in back loops. [30]
R4) as R3 in both loops. [30]`,
    makes: '24 30 30 30',
  },
  {
    name: 'questions answered in brackets',
    text: `Row 1: ch 14, hdc in third ch (the skipped 2 do not count), hdc to end (12 stitches? good)
Row 2: ch 2 (again no stitch), turn, hdc in each (12)
Row 3: ch 2, turn, hdc in first 5, inc twice, hdc in last 5 (14)
Row 4: ch 2, turn, hdc in each (14)`,
    makes: '12 12 14 14',
  },
  {
    name: 'a ripple',
    text: `Chain a multiple of 9 + 2, here 38.
Row 1: 2 sc in 2nd ch from hook, *sc in next 3 ch, sk 2 ch, sc in next 3 ch, 3 sc in next ch; rep from * to last 9 ch, sc in next 3 ch, sk 2 ch, sc in next 3 ch, 2 sc in last ch. 37 sc
Row 2: ch 1, turn, sc in each st. 37 sc
Row 3: ch 1, turn, 2 sc in first sc, *sc in next 3, sk 2, sc in next 3, 3 sc in next; rep from * to last 9, sc in next 3, sk 2, sc in next 3, 2 sc in last. 37 sc`,
    makes: '37 37 37',
  },
  {
    name: 'shorthand of one’s own with legends at the end',
    text: `1 | 6k in ring | 6
2 | 6v | 12
3 | (k, v)6 | 18
4 | (2k, v)6 | 24
5 | 24k | 24
6 | (2k, n)6 | 18
Legend: k single crochet; v two in one; n two together`,
    makes: '6 12 18 24 24 18',
  },
  {
    name: 'rows that refer to a chart',
    text: `Ch 25, join.
Rnd 1: sc in each ch (25 sts; chart row 1, all A)
Rnd 2: following chart row 2: *4 A, 1 B* 5 times (25 sts)
Rnd 3: following chart row 3: *3 A, 2 B* 5 times (25 sts)
Rnd 4: following chart row 4: *2 A, 3 B* 5 times (25 sts)
Rnd 5: all B (25 sts)`,
    makes: '25 25 25 25 25',
  },
  {
    name: 'a flap with decreases each side',
    text: `Flap: pick up 22 sts along the back edge.
Row 1: sc across. 22 sts remain.
Row 2: dec one st each side. 20 sts remain.
Row 3: sc across. 20 sts remain.
Row 4: dec one st each side. 18 sts remain.
Repeat rows 3 and 4 until 10 sts remain.
Last row: sc across. 10 sts remain.`,
    makes: '22 20 20 18 18 16 16 14 14 12 12 10 10',
  },
  {
    name: 'lids and rims',
    text: `Rim
Rnd 1: attach A anywhere, ch 1, 50 sc around the opening, sl st to beg sc. 50
Rnd 2: ch 1, *fpsc around next st, bpsc around next st; rep from * around, sl st to beg fpsc. 50
Rnd 3: ch 1, sc2tog 25 times, sl st to beg st. 25
Rnd 4: ch 2 (counts as hdc), hdc in same st, 2 hdc in each st around, sl st to top of beg ch-2. 50`,
    makes: '50 50 25 50',
  },
  {
    name: 'counts after each repeat',
    text: `Rnd 1: 10 sc in ring (10 total)
Rnd 2: 2 sc in each st (2 x 10 = 20 total)
Rnd 3: sc in next st, 2 sc in next st [3], repeat 9 more times (30 total)
Rnd 4: sc in next 2 sts, 2 sc in next st [4], repeat 9 more times (40 total)
Rnd 5: sc in every st (40 total)`,
    makes: '10 20 30 40 40',
  },
]
