import type { Manner } from './manner.ts'

/* Corners, edges, spikes and what is said by the side. */
export const cornersAndEdges: readonly Manner[] = [
  {
    name: 'pattern as a letter to a friend',
    text: `Dear friend, here is how I make the little bell pouch.
First round: crochet six singles into a slip ring (6).
Second round: two singles into each one (12).
Third round: one single, then two in the next one, all the way round (18).
Fourth round: two singles, then two in the next one, all the way round (24).
Fifth round: one single in each, but only through the back loop (24).
Sixth to tenth rounds: one single in each (24).
Eleventh round: two singles, then two together, all the way round (18).`,
    makes: '6 12 18 24 24 24x5 18',
  },
  {
    name: 'joining in any space, standing stitches',
    text: `Rnd 1: With A, ch 4, join to form ring, ch 3 (counts as dc), 11 dc in ring, join. Fasten off A. (12 dc)
Rnd 2: Join B with a standing dc between any two dc, dc in same sp, 2 dc between each dc around, join. Fasten off B. (24 dc)
Rnd 3: Join A with a standing sc in any dc, sc in each dc around, join. (24 sc)
Rnd 4: Ch 1, *sc in next 3 sc, 2 sc in next sc; rep from * around, join. (30 sc)`,
    makes: '12 24 24 30',
  },
  {
    name: 'double crochet mesh with "block" and "space" words',
    text: `Filet panel. A space is ch 1, skip 1, dc in next; a block is 2 dc.
Ch 25.
Row 1: dc in 4th ch from hook (first 3 ch count as dc), dc in each ch. 23 dc
Row 2: ch 4 (counts as dc, ch 1), turn, skip next dc, dc in next dc, *ch 1, skip next dc, dc in next dc* to end. 12 dc, 11 spaces
Row 3: ch 3 (counts as dc), turn, *dc in ch-1 sp, dc in next dc* to end. 23 dc
Row 4: ch 1, turn, sc in each dc. 23 sc`,
    makes: '23 23 23 23',
  },
  {
    name: 'two rows per line, separated by a slash',
    text: `Ch 20
Row 1: sc in 2nd ch from hook, sc across (19) / Row 2: ch 1, turn, sc across (19)
Row 3: ch 1, turn, sc, *hdc, sc; rep from * across (19) / Row 4: ch 1, turn, sc across (19)
Row 5: ch 1, turn, sc2tog, sc to last 2, sc2tog (17) / Row 6: ch 1, turn, sc across (17)`,
    makes: '19 19 19 19 17 17',
  },
  {
    name: 'what changes only',
    text: `Work in sc throughout, in a spiral.
Rnd 1: 6 in MR.
Rnd 2: increase in every stitch: 12.
Rnd 3: increase in every other stitch: 18.
Rnd 4: increase in every third stitch: 24.
Rnd 5: increase in every fourth stitch: 30.
Rnds 6-10: no increases: 30.
Rnd 11: decrease over every 4th and 5th stitch: 24.`,
    makes: '6 12 18 24 30 30x5 24',
  },
  {
    name: 'spikes into lower rounds',
    text: `Ch 32, join.
Rnd 1: A: ch 1, sc in each ch around, join. 32
Rnd 2: A: ch 1, sc around, join. 32
Rnd 3: A: ch 1, sc around, join. 32
Rnd 4: B: ch 1, *sc in next st, spike sc into the stitch 1 rnd below, spike sc into the stitch 2 rnds below, spike sc into the stitch 1 rnd below; rep from * around, join. 32
Rnd 5: B: ch 1, sc around, join. 32
Rnd 6: A: ch 1, *sc in next 3 sts, long sc into next st of Rnd 4; rep from * around, join. 32`,
    makes: '32 32 32 32 32 32',
  },
  {
    name: 'counts in square brackets before the text',
    text: `Rnd 1: [8] hdc in MR x 8
Rnd 2: [16] 2 hdc in each st
Rnd 3: [24] (hdc, 2 hdc in next st) x 8
Rnd 4: [32] (2 hdc, 2 hdc in next st) x 8
Rnd 5: [32] hdc in each st`,
    makes: '8 16 24 32 32',
  },
  {
    name: 'stitches spelled with capital letters mid-sentence',
    text: `Round 1: Ch 2, 6 SC in the second CH from the hook. (6 SC)
Round 2: INC x 6. (12 SC)
Round 3: (SC, INC) x 6. (18 SC)
Round 4: (SC x 2, INC) x 6. (24 SC)
Round 5: In BLO: SC x 24. (24 SC)
Round 6: FLO: Sl St x 24. (24)
Round 7: SC x 24 in the back loops left free in round 6. (24 SC)`,
    makes: '6 12 18 24 24 24 24',
  },
  {
    name: 'rows of a wrap bag with increases at one edge',
    text: `Cast-on: 6 chains
1: from the second chain, sc 5 (5)
2: ch 1, turn, sc 4, inc (6)
3: ch 1, turn, inc, sc 5 (7)
4: ch 1, turn, sc 6, inc (8)
5: ch 1, turn, inc, sc 7 (9)
6-9: ch 1, turn, sc 9 (9)
10: ch 1, turn, sc 7, dec (8)`,
    makes: '5 6 7 8 9 9x4 8',
  },
  {
    name: 'seed stitch with the row of sc and dc offset, repeats by name',
    text: `Base row: ch 24, sc in 2nd ch from hook and in each ch across (23 sc).
Pattern row 1: ch 1, turn, sc in first st, *dc in next st, sc in next st; rep from * across (23 sts).
Pattern row 2: ch 1, turn, sc in each st across (23 sts).
Repeat pattern rows 1 and 2 three more times.
Last row: ch 1, turn, sl st in each st across. Fasten off (23 sts).`,
    makes: '23 23 23 23 23 23 23 23 23 23',
  },
  {
    name: 'hexagon motif with named groups',
    text: `cl = dc3tog in the same space; beg cl = ch 2, dc2tog in the same space
Rnd 1: ch 5, sl st to form ring, ch 1, 12 sc in ring, sl st to first sc. [12 sc]
Rnd 2: ch 3 (counts as dc), dc in same st, ch 1, skip 1 sc, *2 dc in next sc, ch 1, skip 1 sc; repeat from * 4 more times, sl st to top of ch-3. [12 dc, 6 ch-1 sps]
Rnd 3: ch 3 (counts as dc), dc in next dc, (dc, ch 2, dc) in ch-1 sp, *dc in next 2 dc, (dc, ch 2, dc) in ch-1 sp; repeat from * 4 more times, sl st to top of ch-3. [24 dc, 6 ch-2 sps]
Rnd 4: ch 1, sc in each dc around and 2 sc in each ch-2 sp, sl st to first sc. [36 sc]`,
    makes: '12 18 36 36',
  },
  {
    name: 'long sentences with "until you have"',
    text: `Rnd 1: Into a magic ring put eight single crochets.
Rnd 2: Put two single crochets into each of the 8 stitches until you have 16.
Rnd 3: Now single crochet into one stitch and put two into the next, eight times, until you have 24.
Rnd 4: Single crochet into each of the 24 stitches.`,
    makes: '8 16 24 24',
  },
  {
    name: 'plus and minus as increase and decrease',
    text: `+ means 2 sc in one st, − means sc2tog, numbers mean that many sc.
Rnd 1: 6 sc in ring [6]
Rnd 2: 6 inc [12]
Rnd 3: (1 sc, 1 inc) 6x [18]
Rnd 4: (2 sc, 1 inc) 6x [24]
Rnd 5: (2 sc, 1 dec) 6x [18]`,
    makes: '6 12 18 24 18',
  },
  {
    name: 'a base of a rectangle, sides said with their numbers',
    text: `Rectangle base: 20 sts by 8 rows.
Ch 21.
Row 1: sc in the 2nd ch from the hook and in each of the remaining 19 ch. 20 sc
Rows 2–8: ch 1, turn, sc in each st. 20 sc
Round 1: ch 1, do not turn, rotate and work 8 sc down the short side, 20 sc along the bottom, 8 sc up the other short side, and 20 sc across the top, join. 56 sc
Round 2: ch 1, blo sc in each st around, join. 56 sc
Rounds 3–10: ch 1, sc in each st around, join. 56 sc`,
    makes: '20 20x7 56 56 56x8',
  },
  {
    name: 'hyphens between the number and the stitch',
    text: `R1- MR- 6-sc (6)
R2- 6-inc (12)
R3- (1-sc, 1-inc) x 6 (18)
R4- (2-sc, 1-inc) x 6 (24)
R5- 24-sc (24)
R6- (2-sc, 1-dec) x 6 (18)`,
    makes: '6 12 18 24 24 18',
  },
  {
    name: 'UK post stitches and ribs with "round the stem"',
    text: `UK terms used throughout
Row 1: 26 ch, 1 tr in 4th ch from hook (missed 3 ch count as 1 tr), 1 tr in each ch to end. 24 tr
Row 2: 2 ch (counts as first tr), *1 raised tr front round the stem of next tr, 1 raised tr back round the stem of next tr; repeat from * to last st, 1 tr in top of 3 ch. 24 tr
Row 3: 1 ch, 1 dc in each st to end. 24 dc`,
    makes: '24 24 24',
  },
  {
    name: 'stated with and without chains',
    text: `Ch 40, join with sl st.
Rnd 1: Ch 1, sc in each ch. Join. 40 sts.
Rnd 2: Ch 1, *sc in next st, ch 1, sk 1; rep from * around. Join. 20 sc.
Rnd 3: Ch 1, *sc in next ch-1 sp, ch 1, sk next sc; rep from * around. Join. 20 sc.
Rnds 4-6: Rep Rnd 3. 20 sc.
Rnd 7: Ch 1, sc in each sc and ch-1 sp around. Join. 40 sc.`,
    makes: '40 40 40 40x3 40',
  },
  {
    name: 'count per side of a square base',
    text: `Rnd 1: MR, (3 sc, ch 1) 4 times, join. 3 sc on each side.
Rnd 2: ch 1, *sc in each sc to corner, (sc, ch 1, sc) in corner sp; rep from * around, join. 5 sc on each side.
Rnd 3: ch 1, *sc in each sc to corner, (sc, ch 1, sc) in corner sp; rep from * around, join. 7 sc on each side.`,
    makes: '16 24 32',
  },
  {
    name: 'UK increases in words, ridges',
    text: `Base (UK)
Make a magic ring.
Rnd 1: 8 dc. (8)
Rnd 2: 2 dc in each dc. (16)
Rnd 3: *dc, 2 dc in next; rep from *. (24)
Rnd 4: *2 dc, 2 dc in next; rep from *. (32)
Rnd 5: *3 dc, 2 dc in next; rep from *. (40)
Rnd 6: dc in back loops. (40)
Rnds 7-12: dc. (40)
Rnd 13: *3 dc, dc2tog; rep from *. (32)`,
    makes: '8 16 24 32 40 40 40x6 32',
  },
]
