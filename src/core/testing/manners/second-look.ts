import type { Manner } from './manner.ts'

/* Held back while the reader was written a third time: ten of the twenty were read in full then, nothing silently wrong. */
export const secondLook: readonly Manner[] = [
  {
    name: 'tote with a round base, rounds joined, ch 1 never counted',
    text: `Big drum tote
Yarn: worsted cotton in two colours. Hook 5 mm. Gauge is not critical.
Note: Ch 1 at the start of a round is never counted. Join with a sl st to the first st of the round.
Round 1: Using Brass, make a magic ring, ch 1, 8 hdc into the ring. Join. (8 hdc)
Round 2: Ch 1, 2 hdc in every st. Join. (16 hdc)
Round 3: Ch 1, *hdc in next st, 2 hdc in next st; rep from * around. Join. (24 hdc)
Round 4: Ch 1, *hdc in next 2 sts, 2 hdc in next st; rep from * around. Join. (32 hdc)
Round 5: Ch 1, *hdc in next 3 sts, 2 hdc in next st; rep from * around. Join. (40 hdc)
Round 6: Ch 1, hdc in back loop only of every st. Join. (40 hdc)
Rounds 7-15: Ch 1, hdc in every st. Join. (40 hdc)
Switch to Plum.
Round 16: Ch 1, sc in every st. Join. (40 sc)
Round 17: Ch 1, sc in next 6 sts, ch 12, skip 8 sts, sc in next 12 sts, ch 12, skip 8 sts, sc in last 6 sts. Join. (24 sc, 2 ch-12 sps)
Round 18: Ch 1, sc in each sc and 12 sc in each ch-12 sp. Join and fasten off. (48 sc)`,
    makes: '8 16 24 32 40 40 40x9 40 48 48',
  },
  {
    name: 'panel with eyelets, ranges with "through"',
    text: `Foundation row: Ch 26; sc in 2nd ch from hook and in each ch across; turn – 25 sc.
Rows 1 through 4: Ch 1; sc in each sc across; turn – 25 sc.
Row 5 (eyelet row): Ch 1; sc in first sc, *ch 1, sk next sc, sc in next sc; rep from * across; turn – 13 sc and 12 ch-1 sps.
Row 6: Ch 1; sc in each sc and in each ch-1 sp across; turn – 25 sc.
Rows 7 through 10: Rep Rows 3 through 6 – 25 sc.
Row 11: Ch 1; sc2tog, sc in each sc across to last 2 sc, sc2tog; turn – 23 sc.`,
    makes: '25 25x4 25 25 25x4 23',
  },
  {
    name: 'lower-case list with stitch counts after a semicolon',
    text: `r1: 6sc in mr; 6
r2: 6inc; 12
r3: (1sc, inc)x6; 18
r4: (2sc, inc)x6; 24
r5: (3sc, inc)x6; 30
r6-r10: 30sc; 30
r11: (3sc, dec)x6; 24
r12: (2sc, dec)x6; 18`,
    makes: '6 12 18 24 30 30x5 24 18',
  },
  {
    name: 'UK panel with trebles and a picot edge',
    text: `All terms are British.
Make 32 ch.
Row 1: 1 tr into 4th ch from hook (counts as 2 tr), 1 tr into each ch to end. 30 tr.
Row 2: 3 ch (counts as first tr), miss first tr, 1 tr into each tr, ending with 1 tr into top of turning ch. 30 tr.
Row 3: Work as row 2. 30 tr.
Row 4: 1 ch, 1 dc into each tr, ending with 1 dc into top of turning ch. 30 dc.
Row 5: 1 ch, *1 dc into each of next 3 dc, 3 ch, ss into first of these ch (picot made); rep from * to end. 30 dc and 10 picots.`,
    makes: '30 30 30 30 30',
  },
  {
    name: 'two-line rows: what, then how many',
    text: `Row 1
sc in the second ch from the hook and in every ch (over a chain of 15)
→ 14 sts

Row 2
ch 1, turn, sc in every st
→ 14 sts

Row 3
ch 1, turn, *sc in the next st, 2 sc in the next st*, repeat to the end
→ 21 sts

Row 4
ch 1, turn, sc in every st
→ 21 sts`,
    makes: '14 14 21 21',
  },
  {
    name: 'told with ordinal words and "the same again"',
    text: `Make a chain of 19 to begin.
The first row: one single crochet in the second chain and one in every chain after that, 18 in all.
The second row: chain one, turn, one single crochet in every stitch, 18 in all.
The third row: the same as the second row, 18 in all.
The fourth row: chain one, turn, two single crochets in the first stitch, one in every stitch up to the last, two in the last, 20 in all.
The fifth and sixth rows: the same as the second row, 20 in all.`,
    makes: '18 18 18 20 20 20',
  },
  {
    name: 'capital letters for stitches, tight',
    text: `X - sc, V - inc, A - dec, T - hdc
1) 6X in AMR (6)
2) 6V (12)
3) 6(X,V) (18)
4) 6(2X,V) (24)
5) 6(3X,V) (30)
6-9) 30X (30)
10) 30T (30)
11) 6(3X,A) (24)`,
    makes: '6 12 18 24 30 30x4 30 24',
  },
  {
    name: 'tapestry rounds by run-length with two letters',
    text: `Tapestry: M = main (Brass), C = contrast (Plum). Rounds in sc, 32 stitches.
Round 1: 32M
Round 2: (6M, 2C) four times
Round 3: (5M, 3C) four times
Round 4: (4M, 4C) four times
Round 5: 32C
Round 6: (4C, 4M) four times
Round 7: 32M
Set up: chain 32 in M and join before round 1.`,
    makes: '32 32 32 32 32 32 32',
  },
  {
    name: 'gusseted pouch with shaped flap, totals as "N sts total"',
    text: `Ch 25.
Row 1: hdc in 3rd ch from hook, hdc in each ch across – 23 sts total.
Row 2: ch 2 (does not count here or below), turn, hdc in each st – 23 sts total.
Rows 3–8: repeat row 2 – 23 sts total.
Row 9: ch 2, turn, hdc2tog, hdc in each st to the last two sts, hdc2tog – 21 sts total.
Row 10: repeat row 9 – 19 sts total.
Row 11: ch 1, turn, sc in each st – 19 sts total.`,
    makes: '23 23 23x6 21 19 19',
  },
  {
    name: 'a net with double crochet pairs',
    text: `Chain 36, join.
Rnd 1: Ch 1, 1 sc in each ch, sl st to 1st sc. [36 sc]
Rnd 2: Ch 4 (counts as 1 dc + ch 1), 1 dc in same st, skip 2 sts, *(1 dc, ch 1, 1 dc) in next st, skip 2 sts, repeat from * to end, sl st to 3rd ch. [12 V-sts]
Rnd 3: Sl st in ch-1 sp, ch 4 (counts as 1 dc + ch 1), 1 dc in same sp, *(1 dc, ch 1, 1 dc) in next ch-1 sp, repeat from * to end, sl st to 3rd ch. [12 V-sts]
Rnd 4: Ch 1, 1 sc in each dc and in each ch-1 sp, sl st to 1st sc. [36 sc]`,
    makes: '36 36 36 36',
  },
  {
    name: 'spiral told with arrows between the steps',
    text: `Rnd 1 → magic ring → 8 sc (8)
Rnd 2 → 2 sc in each st (16)
Rnd 3 → sc in 1, 2 sc in next → around (24)
Rnd 4 → sc in 2, 2 sc in next → around (32)
Rnd 5 → sc around, back loops (32)
Rnd 6–8 → sc around (32)`,
    makes: '8 16 24 32 32 32x3',
  },
  {
    name: 'ladder rows with a skip and a note',
    text: `Start with ch 22 (multiple of 3 + 1).
R1. sc in 2nd ch, sc to end = 21. (Turn after every row.)
R2. ch 1, sc to end = 21.
R3. ch 1, *sc, ch 1, sk 1, sc; rep = 21.
R4. ch 1, sc in every sc and ch = 21.
R5–R8. rep R3 and R4 = 21.
R9. ch 1, dec, sc to last 2, dec = 19.`,
    makes: '21 21 21 21 21x4 19',
  },
  {
    name: 'square base, corners as three in one, sides said',
    text: `Rnd 1: magic ring, 8 sc. (8)
Rnd 2: *sc, 3 sc in next st (corner); rep from * 4 times. (16)
Rnd 3: *sc in next 2 sts, 3 sc in next st, sc in next st; rep from * 4 times. (24)
Rnd 4: *sc in next 3 sts, 3 sc in next st, sc in next 2 sts; rep from * 4 times. (32)
Rnd 5: blo sc around. (32)
Rnd 6: sc around. (32)`,
    makes: '8 16 24 32 32 32',
  },
  {
    name: 'abbreviations with dots and slashes in a legend, then numbers',
    text: `ch. = chain / s.c. = single crochet / d.c. = double crochet / sl. = slip stitch
Ch. 21.
Row 1. S.c. in 2nd ch. from hook and in each ch. across. (20 s.c.)
Row 2. Ch. 1, turn. S.c. in each s.c. across. (20 s.c.)
Row 3. Ch. 3 (counts as d.c.), turn. Skip first s.c., d.c. in each s.c. across. (20 d.c.)
Row 4. Ch. 1, turn. S.c. in each d.c. across and in top of ch. 3. (20 s.c.)`,
    makes: '20 20 20 20',
  },
  {
    name: 'a mini pouch with everything on few lines',
    text: `Base: R1 6 sc in MR (6); R2 inc around (12); R3 (sc, inc) around (18); R4 (2 sc, inc) around (24).
Walls: R5 blo sc around (24); R6-10 sc around (24).
Top: R11 (2 sc, dec) around (18); R12 sl st around (18).`,
    makes: '6 12 18 24 24 24x5 18 18',
  },
  {
    name: 'round numbers with "of the body" and text in brackets at the end',
    text: `Chain 44 and close into a ring.
Round 1 of the body: sc in each chain (44; mark the first).
Round 2 of the body: sc in each st (44).
Round 3 of the body: *sc in 9, sc2tog* x 4 (40; move the marker).
Rounds 4 to 9 of the body: sc in each st (40).
Round 10 of the body: *sc in 8, sc2tog* x 4 (36).`,
    makes: '44 44 40 40x6 36',
  },
  {
    name: 'basket weave in the round with a remark on posts',
    text: `Ch 36, join in the round.
Rnd 1: ch 3 (counts as dc), dc in next 35 ch, join. 36 dc
Rnd 2: ch 2 (stands in for the first post st), fpdc around next 2 sts, bpdc around next 3 sts, *fpdc around next 3 sts, bpdc around next 3 sts; rep from * around, join. 36 sts
Rnd 3: same as Rnd 2. 36 sts
Rnd 4: ch 1, sc around, join. 36 sc
Rnd 5: ch 1, [sc2tog, sc in next 4 sts] 6 times, join. 30 sc`,
    makes: '36 36 36 36 30',
  },
  {
    name: 'rows of hdc with the count at the end of every second row only',
    text: `Ch 18.
Row 1: hdc in 3rd ch from hook (the 2 ch do not count), hdc in each ch to end.
Row 2: ch 2, turn, hdc in each st. 16 sts.
Row 3: ch 2, turn, 2 hdc in first st, hdc to end.
Row 4: ch 2, turn, 2 hdc in first st, hdc to end. 18 sts.
Row 5: ch 2, turn, hdc in each st.
Row 6: ch 2, turn, hdc2tog, hdc to end. 17 sts.`,
    makes: '16 16 17 18 18 17',
  },
  {
    name: 'mosaic strip, slip-free, with skipped stitches and chains',
    text: `Inset mosaic: two rows in each yarn.
Ch 22 in A.
Row 1 (A): sc in 2nd ch from hook and each ch. 21 sc
Row 2 (A): ch 1, turn, sc across. 21 sc
Row 3 (B): ch 1, turn, sc 2, *ch 1, sk 1, sc 3; rep from * to last 3 sts, ch 1, sk 1, sc 2. 21 sts
Row 4 (B): ch 1, turn, sc 2, *ch 1, sk ch-1 sp, sc 3; rep from * to last 3 sts, ch 1, sk ch-1 sp, sc 2. 21 sts
Row 5 (A): ch 1, turn, sc 2, *dc in skipped st 3 rows below, sc 3; rep from * to last 3 sts, dc in skipped st 3 rows below, sc 2. 21 sts
Row 6 (A): ch 1, turn, sc across. 21 sc`,
    makes: '21 21 21 21 21 21',
  },
  {
    name: 'cord bag with a shell brim',
    text: `Rnd 1: 9 sc in magic ring.
Rnd 2: 2 sc in each st (18).
Rnd 3: [1 sc, 2 sc in next] x 9 (27).
Rnd 4: [2 sc, 2 sc in next] x 9 (36).
Rnds 5 – 11: sc around (36).
Rnd 12: [ch 2, skip 2, sc in next 4] x 6 (24 sc, 6 ch-2 sps).
Rnd 13: [2 sc in ch-2 sp, sc in next 4] x 6 (36).
Rnd 14: [skip 2, 5 dc in next st, skip 2, sl st in next st] x 6 (6 shells).
Fasten off. Make a cord of 110 chains.`,
    makes: '9 18 27 36 36x7 36 36 36',
  },
]
