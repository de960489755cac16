import type { Manner } from './manner.ts'

/* Stranger ones: held back while the reader was first written, eight of the twenty were read in full then. */
export const stranger: readonly Manner[] = [
  {
    name: 'tally on a line of its own',
    text: `Lap 1: 9 sc into a slip ring
= 9
Lap 2: 2 sc per stitch
= 18
Lap 3: 1 sc, 2 sc in next, all around
= 27
Lap 4: sc all around
= 27`,
    makes: '9 18 27 27',
  },
  {
    name: 'rows as a numbered list without words',
    text: `Pocket, worked flat
ch 18
1. sc in 2nd ch from hook and each ch across – 17 sc
2. turn, ch 1, 17 sc
3. turn, ch 1, 2 sc, (1 hdc, 2 sc) x 5
4. turn, ch 1, 17 sc
5. like 3
6. like 4`,
    makes: '17 17 17 17 17 17',
  },
  {
    name: 'parts joined with semicolons and abbreviations with points',
    text: `Rnd. 1: 10 d.c. in ring; sl.st. in 1st d.c. (10 d.c.)
Rnd. 2: ch. 3 (counts as d.c.); d.c. in same st.; 2 d.c. in ea. st. around; sl.st. in top of ch. 3. (20 d.c.)
Rnd. 3: ch. 1; s.c. in ea. d.c. around; sl.st. in 1st s.c. (20 s.c.)
Rnd. 4: ch. 1; *s.c. in next s.c.; 2 s.c. in next s.c.; rep. from * around; sl.st. in 1st s.c. (30 s.c.)`,
    makes: '10 20 20 30',
  },
  {
    name: 'tables with sides and colours',
    text: `Row | Side | Yarn | Instructions | Sts
1 | RS | A | ch 17, sc in 2nd ch from hook, sc across | 16
2 | WS | A | ch 1, sc across | 16
3 | RS | B | ch 1, *sc in next st, sk 1 st, 2 sc in next st, sc in next st; rep from * across | 16
4 | WS | B | ch 1, sc across | 16
5-8 | | A | rep rows 1-4, working row 1 into sts | 16`,
    makes: '16 16 16 16 16x4',
  },
  {
    name: 'sizes with slashes',
    text: `S / M / L
Ch 31/39/43, join.
Rnd 1: sc around. 31/39/43 sts
Rnd 2: 2 sc in first st, sc to end. 32/40/44 sts
Rnd 3: *sc in next 7/9/10 sts, inc; rep from * 3 more times. 36/44/48 sts
Rnd 4: sc around. 36/44/48 sts`,
    makes: '31 32 36 36',
  },
  {
    name: 'a marker, a remark and a total before the marker',
    text: `Round 1: into a magic ring, 8 hdc. Stitches: 8. Place marker.
Round 2: 2 hdc into every stitch. Stitches: 16. Move marker.
Round 3: 1 hdc, 2 hdc into next stitch; keep going to the marker. Stitches: 24. Move marker.
Round 4: hdc into every stitch through the back loop. Stitches: 24. Move marker.
Rounds 5, 6 and 7: hdc into every stitch. Stitches: 24.`,
    makes: '8 16 24 24 24x3',
  },
  {
    name: 'tilde repeats, braces',
    text: `Rnd 1: {6 sc} into MR ~ 6
Rnd 2: {inc} × 6 ~ 12
Rnd 3: {inc, sc} × 6 ~ 18
Rnd 4: {sc, inc, sc} × 6 ~ 24
Rnd 5: {3 sc, inc} × 6 ~ 30
Rnds 6–8: {sc} × 30 ~ 30`,
    makes: '6 12 18 24 30 30x3',
  },
  {
    name: 'a lattice with its own loops',
    text: `Long loop: ch 5.
Rnd 1: 20 sc in ring, join (20)
Rnd 2: ch 1, sc in first sc, *long loop, sk 4 sc, sc in next sc; rep from * twice more, long loop, sk last 4 sc, join (4 loops)
Rnd 3: sl st to centre of first loop, ch 1, 5 sc in same loop, 5 sc in each loop around, join (20 sc)`,
    makes: '20 24 20',
  },
  {
    name: 'both ends of each row',
    text: `Gusset
Ch 3.
Row 1: 2 sc, working into the 2nd ch and the next. Turn. [2]
Row 2: Ch 1, inc twice. Turn. [4]
Row 3: Ch 1, inc at both ends, sc between. Turn. [6]
Row 4: Ch 1, inc at each end. Turn. [8]
Row 5: Ch 1, work straight. Turn. [8]`,
    makes: '2 4 6 8 8',
  },
  {
    name: 'a round of popcorns with closing chains',
    text: `PC = popcorn of 4 dc, closed with a sl st
Rnd 1: 14 hdc in ring, join [14]
Rnd 2: ch 1, *PC in next hdc, ch 1; rep from * around, join [14 PC, 14 ch-1 sps]
Rnd 3: ch 1, 2 sc in each ch-1 sp, join [28]
Rnd 4: ch 1, sc in each sc, join, fasten off [28]`,
    makes: '14 28 28 28',
  },
  {
    name: 'UK with words written out',
    text: `UK terms used.
Round 1: make 4 chain, slip stitch to the first to form a ring, 1 chain, 8 double crochet into the ring. 8 stitches.
Round 2: 2 double crochet into each stitch. 16 stitches.
Round 3: 2 chain (not a stitch), 1 treble into each stitch, slip stitch to first treble. 16 stitches.
Round 4: 1 chain, *1 double crochet, miss 1, 3 double crochet into the next, miss 1; repeat from * to end. 16 stitches.`,
    makes: '8 16 16 16',
  },
  {
    name: 'alternating rounds named once',
    text: `Rnds 1: 12 sc in ring (12)
Rnd 2: inc in each st (24)
Round A: *sc in next st, hdc in next st; rep from * around.
Round B: *hdc in next st, sc in next st; rep from * around.
Rnds 3-8: work Round A and Round B alternately (24)
Rnd 9: sc in each st (24)`,
    makes: '12 24 24x6 24',
  },
  {
    name: 'two rows in one paragraph',
    text: `Ch 22. Row 1: sc in 2nd ch from hook and in each ch across: 21 sc. Row 2: ch 1, turn, sc in each sc: 21 sc.
Row 3: ch 1, turn, sc in first sc, *ch 1, skip next sc, sc in next sc; rep from * across: 21 sts. Row 4: ch 1, turn, sc in each sc and ch-1 sp: 21 sc.`,
    makes: '21 21 21 21',
  },
  {
    name: 'a list of runs with equals',
    text: `R1. MR 8X =8
X is sc, V is inc, A is dec, F is hdc
R2. 8V =16
R3. 8(X,V) =24
R4. 24F =24
R5. 8(X,A) =16
R6-8. 16X =16`,
    makes: '8 16 24 24 16 16x3',
  },
  {
    name: 'one yarn after the other with names',
    text: `Rnd 1: Using Plum, 12 dc into ring, join. 12 dc.
Rnd 2: Using Oat, 2 dc between each pair of dc, join. 24 dc.
Rnd 3: Using Plum, ch 1, sc in each dc, join. 24 sc.
Rnd 4: Using Oat, ch 1, *2 sc, spike sc 1 rnd below; rep from *, join. 24 sc.`,
    makes: '12 24 24 24',
  },
  {
    name: 'last rows counted back',
    text: `Ch 11
Row 1: sc in 2nd ch from hook, sc in rem ch (10)
Row 2: ch 1, turn, sc in ea st (10)
Row 3: ch 1, turn, *sc, tr* 5 times (10)
Row 4: ch 1, turn, sc in ea st (10)
Work the last two rows three more times (10)
Row 11: ch 1, turn, sc in ea st, do not cut (10)`,
    makes: '10 10 10 10 10x6 10',
  },
  {
    name: 'mistyped units and missing blanks',
    text: `Rnd1:8scin ring(8sts)
Rnd2:2scin each st(16 sts)
Rnd3:*1sc,2sc in nextst*rep around(24 stss)
Rnd4:sc in each st arund(24sts)
Rnd5:*2 sc,2 sc in next st*rep around(32sts)`,
    makes: '8 16 24 24 32',
  },
  {
    name: 'a base read along its edges',
    text: `Chain 9 + 1 to turn.
Row 1: sc in each of the 9 chains, beginning with the 2nd from the hook. 9
Rows 2-9: 1 chain, turn, 9 sc. 9
Round 1: Along the edges: 9 sc on each of the four sides and 1 more sc in each corner. 40
Round 2: sc in every sc. 40`,
    makes: '9 9x8 40 40',
  },
  {
    name: 'increase rounds described by their step',
    text: `Rnd 1: start with 6 sc in a ring.
Rnd 2: increase in every stitch: 12.
Rnd 3: increase in every 2nd stitch: 18.
Rnd 4: increase in every 3rd stitch: 24.
Rnd 5: increase in every 4th stitch: 30.
Rnds 6 to 11: no increases: 30.
Rnd 12: decrease after every 3 stitches: 24.`,
    makes: '6 12 18 24 30 30x6 24',
  },
  {
    name: 'fan border',
    text: `Rnd 1: ch 36, join (36 ch)
Rnd 2: 1 sc in every ch (36 sc)
Rnd 3: *1 sc, skip 2, fan, skip 2*, repeat to the end (6 fans)
where fan is 7 dc in one stitch
Rnd 4: sl st to the 4th dc of the fan, *sc there, ch 5; go to the middle of the next fan*, repeat (6 sc, 6 ch-5 loops)
Rnd 5: 6 sc in each loop (36 sc)`,
    makes: '36 36 48 36 36',
  },
]
