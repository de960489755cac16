import type { Manner } from './manner.ts'

/* Totals in the margin, behind every sign there is. */
export const margins: readonly Manner[] = [
  {
    name: 'hobo bag with gussets and a middle panel, abbreviations with colons',
    text: `Abbreviations:
ch: chain
sc: single crochet
hdc: half double crochet
sk: skip
BLO: back loop only

Panel (make 2)
Ch 27.
Row 1: Hdc in 3rd ch from hook (first 2 ch don't count), hdc in each ch across. (25)
Row 2: Ch 2 (doesn't count), turn, hdc in BLO of each st across. (25)
Rows 3-12: Repeat row 2. (25)
Row 13: Ch 2, turn, hdc2tog, hdc in BLO across to last 2 sts, hdc2tog. (23)
Row 14: Ch 2, turn, hdc in BLO of each st across. (23)
Row 15: Repeat row 13. (21)
Row 16: Repeat row 14. (21)

Gusset
Ch 6.
Row 1: Sc in 2nd ch from hook and across. (5)
Rows 2-60: Ch 1, turn, sc across. (5)`,
    makes: '25 25 25x10 23 23 21 21 5 5x59',
  },
  {
    name: 'rows by letters in order',
    text: `Base chain: 19.
Row A: sc in 2nd ch from hook and in each ch to end (18)
Row B: ch 1, turn, sc in each st to end (18)
Row C: ch 1, turn, 2 sc in first st, sc in each st to last st, 2 sc in last st (20)
Row D: ch 1, turn, sc in each st to end (20)`,
    makes: '18 18 20 20',
  },
  {
    name: 'numbers before the stitches with periods and totals after a slash',
    text: `Rd. 1: 6 sc in mr / 6
Rd. 2: 2 sc in ea. / 12
Rd. 3: 1 sc, 2 sc in next, rep. / 18
Rd. 4: 2 sc, 2 sc in next, rep. / 24
Rd. 5: 3 sc, 2 sc in next, rep. / 30
Rd. 6-8: sc around / 30`,
    makes: '6 12 18 24 30 30x3',
  },
  {
    name: 'plain speech of a grandmother',
    text: `Round 1. Take the Brass yarn and make a loop; work eight double crochets into it and close with a slip stitch.
Round 2. Chain three, that is your first double crochet. One more double crochet in the same place, then two in every stitch. Close with a slip stitch. Sixteen.
Round 3. Chain one. A single crochet in every stitch. Close with a slip stitch. Sixteen.`,
    makes: '8 16 16',
  },
  {
    name: 'slanted shells, UK, groups',
    text: `UK terms. Group = 3 tr in the same place.
Foundation: 24 ch, join with ss.
1st round: 1 ch, 1 dc in each ch, ss in first dc. 24 dc
2nd round: 3 ch (counts as 1 tr), 2 tr in same place, *miss 2 dc, group in next dc; rep from * to last 2 dc, miss 2 dc, ss in 3rd of 3 ch. 8 groups
3rd round: 1 ch, 1 dc in each tr, ss in first dc. 24 dc
4th round: 1 ch, 1 dc in each dc, ss in first dc. 24 dc`,
    makes: '24 24 24 24',
  },
  {
    name: 'dashes for runs in two colours',
    text: `Work all rounds in sc with both yarns, the idle one laid over.
Rnd 1: 20 sc in A into the ring (20)
Rnd 2: A - 1, B - 1; repeat 10 times (20)
Rnd 3: A - 2, B - 2; repeat 5 times (20)
Rnd 4: A - 20 (20)`,
    makes: '20 20 20 20',
  },
  {
    name: 'comments in the margin with arrows',
    text: `Row 1: ch 15, sc in 2nd ch from hook, sc to end  <-- 14 sc
Row 2: ch 1, turn, sc to end  <-- 14 sc
Row 3: ch 1, turn, (sc, sk 1, 2 sc in next) x 4, sc in last 2  <-- 14 sc
Row 4: ch 1, turn, sc to end  <-- 14 sc`,
    makes: '14 14 14 14',
  },
  {
    name: 'double stitch counts: before and after',
    text: `Rnd 1: 8 sc in ring (0 → 8)
Rnd 2: inc around (8 → 16)
Rnd 3: [sc, inc] around (16 → 24)
Rnd 4: [2 sc, inc] around (24 → 32)
Rnd 5: sc around (32 → 32)
Rnd 6: [2 sc, dec] around (32 → 24)`,
    makes: '8 16 24 32 32 24',
  },
  {
    name: 'increase by number with "st inc"',
    text: `R1: 6 sc in magic circle (6 st)
R2: 2 sc in each st (6 inc) (12 st)
R3: [1 sc, 2 sc in next st] x6 (6 inc) (18 st)
R4: [2 sc, 2 sc in next st] x6 (6 inc) (24 st)
R5: 1 sc in each st (0 inc) (24 st)
R6: [2 sc, sc2tog] x6 (6 dec) (18 st)`,
    makes: '6 12 18 24 24 18',
  },
  {
    name: 'long chain loops at the top for a drawstring, ends of rounds in words',
    text: `Round 1: Ch 36 and join, then sc in each ch (36). Do not join this or any other round.
Round 2: Sc in each st (36).
Round 3: Sc in each st (36).
Round 4: (Sc in next 4 sts, ch 2, sk next 2 sts) around (24 sc, 6 ch-2 sps).
Round 5: (Sc in next 4 sts, 2 sc in next ch-2 sp) around (36).
Round 6: Sc in each st, sl st in next st, fasten off (36).`,
    makes: '36 36 36 36 36 36',
  },
  {
    name: 'crochet shorthand with colon after each element',
    text: `Rnd 1: MR: 7 sc: 7
Rnd 2: 7 inc: 14
Rnd 3: (1 sc: 1 inc) x 7: 21
Rnd 4: (2 sc: 1 inc) x 7: 28
Rnd 5: 28 sc: 28`,
    makes: '7 14 21 28 28',
  },
  {
    name: 'waffle panel',
    text: `Waffle stitch panel
Ch 23.
Row 1: dc in 4th ch from hook and in each ch across (21 dc)
Row 2: ch 2 (counts as dc), turn, *fpdc around next dc, dc in next 2 dc; rep from * to last 2 dc, fpdc around next dc, dc in top of t-ch (21 sts)
Row 3: ch 2 (counts as dc), turn, dc in next st, *fpdc around next 2 dc, dc in next st; rep from * to last st, dc in top of t-ch (21 sts)
Rows 4-7: repeat rows 2 and 3 (21 sts)
Row 8: ch 1, turn, sc in each st across (21 sc)`,
    makes: '21 21 21 21x4 21',
  },
  {
    name: 'the maker counts tens',
    text: `Rnd 1: 10 hdc into ring. Count: 10.
Rnd 2: 2 hdc into each. Count: 20.
Rnd 3: hdc, 2 hdc into next; all round. Count: 30.
Rnd 4: 2 hdc, 2 hdc into next; all round. Count: 40.
Rnd 5: 3 hdc, 2 hdc into next; all round. Count: 50.
Rnd 6: hdc into back bars all round. Count: 50.
Rnds 7 to 15: hdc all round. Count: 50.
Rnd 16: 3 hdc, hdc 2 together; all round. Count: 40.`,
    makes: '10 20 30 40 50 50 50x9 40',
  },
  {
    name: 'lower-case, dashes as separators of clauses',
    text: `row 1 - ch 12 - sc in 2nd ch from hook - sc to the end - 11
row 2 - ch 1 - turn - sc to the end - 11
row 3 - ch 1 - turn - inc - sc to last st - inc - 13
row 4 - ch 1 - turn - sc to the end - 13
row 5 - ch 1 - turn - inc - sc to last st - inc - 15`,
    makes: '11 11 13 13 15',
  },
  {
    name: 'star in front of every line and hash totals',
    text: `* Round 1: 6 sc in magic ring #6
* Round 2: 2 sc in each #12
* Round 3: sc 1, 2 sc in next - 6 times #18
* Round 4: sc 2, 2 sc in next - 6 times #24
* Round 5: sc in each #24`,
    makes: '6 12 18 24 24',
  },
  {
    name: 'closing lists: "then", "after that", "finally"',
    text: `Ch 26.
Row 1: sc in 2nd ch from hook, then sc in each ch. 25 sc.
Row 2: ch 1, turn, first sc in 5, after that hdc in 15, finally sc in 5. 25 sts.
Row 3: ch 1, turn, sc in all 25. 25 sc.
Row 4: ch 1, turn, sc2tog, then sc in 21, then sc2tog. 23 sc.`,
    makes: '25 25 25 23',
  },
]
