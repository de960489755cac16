import type { Manner } from './manner.ts'

/* Nets, cords, grids, and counts that are said in passing. */
export const netsAndCords: readonly Manner[] = [
  {
    name: 'net bag with knots and picots',
    text: `Finished: 30 x 35 cm. Yarn: 150 g DK. Hook: 4 mm.
Base: ch 6, sl st to form a ring.
Rnd 1: ch 3 (dc), 15 dc in ring, sl st in top ch. (16 dc)
Rnd 2: ch 5 (dc + 2 ch), *dc in next dc, ch 2*, repeat to end, sl st in 3rd ch. (16 dc, 16 ch-2 sp)
Rnd 3: sl st in ch-2 sp, ch 3 (dc), 2 dc in same sp, 3 dc in each ch-2 sp, sl st in top ch. (48 dc)
Rnd 4: ch 1, *sc in next dc, ch 4, skip 2 dc*, repeat to end, sl st in first sc. (16 sc, 16 ch-4 sp)
Rnd 5: sl st in next 2 ch, ch 1, sc in same sp, *ch 4, sc in next ch-4 sp*, repeat to end, ch 4, sl st in first sc. (16 sc, 16 ch-4 sp)
Rnds 6-14: as rnd 5.
Rnd 15: ch 1, 3 sc in each ch-4 sp, sl st in first sc. (48 sc)
Rnds 16-18: ch 1, sc in each sc, sl st in first sc. (48 sc)`,
    makes: '16 48 48 80 80 80x9 48 48x3',
  },
  {
    name: 'book sleeve with bobbles on a grid',
    text: `Ch 34.
R1 (WS): sc in 2nd ch from hook and each ch across (33)
R2 (RS): ch 1, sc 4, *bob, sc 5; rep from * 3 more times, bob, sc 4 (33: 5 bobbles and 28 sc)
R3: ch 1, sc across (33)
R4: ch 1, sc across (33)
R5: ch 1, sc across (33)
R6: ch 1, sc 7, *bob, sc 5; rep from * 2 more times, bob, sc 7 (33: 4 bobbles and 29 sc)
R7-R9: as R3-R5 (33)
bob = bobble: 5 dc closed together in one stitch`,
    makes: '33 33 33 33 33 33 33x3',
  },
  {
    name: 'basket with handles, working over cord',
    text: `Worked over cotton cord, hook 6 mm.
1st rnd: 12 sc over the cord, close to a circle = 12 sc.
2nd rnd: 2 sc in each sc = 24 sc.
3rd rnd: *1 sc, 2 sc in next sc*, repeat *-* = 36 sc.
4th rnd: *2 sc, 2 sc in next sc*, repeat *-* = 48 sc.
5th–12th rnd: sc in each sc = 48 sc.
13th rnd: 9 sc, 12 sc over the cord only, skip 6 sc, 18 sc, 12 sc over the cord only, skip 6 sc, 9 sc = 60 sc.
14th rnd: sc in each sc = 60 sc.`,
    makes: '12 24 36 48 48x8 60 60',
  },
  {
    name: 'star-shaped starts: "from * to *"',
    text: `Ring: ch 4 and close.
Row 1: ch 1, *1 sc in the ring, ch 2*, work from * to * 6 times in all, close with sl st to the first sc. 6 sc, 6 ch-2 sp.
Row 2: ch 1, *1 sc in the sc, 2 sc in the ch-2 sp*, work from * to * 6 times in all, close with sl st to the first sc. 18 sc.
Row 3: ch 1, *1 sc in each of the next 2 sc, 2 sc in the next sc*, work from * to * 6 times in all, close with sl st to the first sc. 24 sc.
Row 4: ch 1, 1 sc in each sc, close with sl st to the first sc. 24 sc.`,
    makes: '18 18 24 24',
  },
  {
    name: 'inches and centimetres in the rows',
    text: `Chain 30 (about 7 in / 18 cm).
Row 1: sc in 2nd ch from hook and in each ch across (29 sc). Piece should be about 7 in wide.
Row 2: ch 1, turn, sc in each sc across (29 sc).
Rows 3-20: repeat row 2 (29 sc). Piece should be about 4 in tall.
Row 21: ch 1, turn, sc in next 12 sc, ch 5, sk 5 sc, sc in last 12 sc (24 sc and a 5-ch buttonhole).
Row 22: ch 1, turn, sc in next 12 sc, 5 sc in 5-ch buttonhole, sc in last 12 sc (29 sc).`,
    makes: '29 29 29x18 29 29',
  },
  {
    name: 'the brim folded back, with "wrong side out"',
    text: `Rnd 1: 8 sc in a magic ring. [8]
Rnd 2: *2 sc in next st; rep from * around. [16]
Rnd 3: *Sc in next st, 2 sc in next st; rep from * around. [24]
Rnds 4-9: Sc in each st around. [24]
Turn the work wrong side out.
Rnd 10: *Sc in next 3 sts, 2 sc in next st; rep from * around. [30]
Rnds 11-13: Sc in each st around. [30]
Fold the brim back over the last 3 rounds.`,
    makes: '8 16 24 24x6 30 30x3',
  },
  {
    name: 'graph rows by colour counts with a dash',
    text: `Body chart in words; A is Brass, B is Plum. Each round begins at the back.
Ch 30 in A, join.
R1: 30A
R2: 4A-2B x5
R3: 3A-3B x5
R4: 2A-4B x5
R5: 30B
R6: 2A-4B x5
R7: 30A`,
    makes: '30 30 30 30 30 30 30',
  },
  {
    name: 'beginning stitches counted in words at the end of each sentence',
    text: `To start, chain 20 and turn.
Row one begins in the second chain: work 19 single crochets, then chain one and turn.
Row two: work 19 single crochets, then chain one and turn.
Row three: work two singles together, 15 single crochets, two singles together, then chain one and turn (17).
Row four: work 17 single crochets.`,
    makes: '19 19 17 17',
  },
  {
    name: 'crossed and tall stitches in a round with extra chains',
    text: `Ch 40, sl st to join into a ring.
Rnd 1: ch 1, sc in same ch and in each ch around, sl st to first sc. (40)
Rnd 2: ch 4 (counts as tr), tr in next st, *skip 1 st, tr in next st, tr in skipped st; rep from * around, sl st to top of ch 4. (40)
Rnd 3: ch 1, sc in same st and in each st around, sl st to first sc. (40)
Rnd 4: ch 3 (counts as hdc and ch 1), skip next st, *hdc in next st, ch 1, skip next st; rep from * around, sl st to 2nd ch of ch 3. (20 hdc, 20 ch-1 sps)
Rnd 5: ch 1, sc in each hdc and each ch-1 sp around, sl st to first sc. (40)`,
    makes: '40 40 40 40 40',
  },
  {
    name: 'one number per line for runs',
    text: `Rnd 1: 6 sc in ring
(6)
Rnd 2: 6 inc
(12)
Rnd 3: *1 sc, 1 inc*
6 times
(18)
Rnd 4: *2 sc, 1 inc*
6 times
(24)
Rnds 5-7: 24 sc
(24)`,
    makes: '6 12 18 24 24x3',
  },
  {
    name: 'thermal stitch and odd loops',
    text: `Ch 25.
Row 1: sc in 2nd ch from hook and in back bump of each ch across. 24 sc
Row 2: ch 1, turn, sc in both the back loop of each st and the back loop of the row below across. 24 sc
Row 3: ch 1, turn, sc in each st across. 24 sc
Row 4: ch 1, turn, sc flo in first 12 sts, sc blo in last 12 sts. 24 sc`,
    makes: '24 24 24 24',
  },
  {
    name: 'counted by the pattern repeat',
    text: `Ch 37 (12 repeats of 3, plus 1).
Row 1: sc in 2nd ch from hook, sc in each ch to end (36 sc = 12 repeats)
Row 2: ch 2 (not a st), turn, *2 dc in next st, sk 1 st, dc in next st; rep from * to end (36 dc = 12 repeats)
Row 3: ch 2 (not a st), turn, *sk 1 st, 2 dc in next st, dc in next st; rep from * to end (36 dc = 12 repeats)
Row 4: ch 1, turn, sc in each st to end (36 sc = 12 repeats)`,
    makes: '36 36 36 36',
  },
]
