import type { Manner } from './manner.ts'

/* Bags from base to brim, each in another voice. */
export const baseToBrim: readonly Manner[] = [
  {
    name: 'bobble bucket with own abbreviations in a box',
    text: `Abbrev.
MB = make bobble (5 dc worked together in the same st)
sc2 = 2 sc in the same st
BL = back loop
--------
Rnd 1 ... 8 sc in magic ring ... 8
Rnd 2 ... sc2 in each st ... 16
Rnd 3 ... *sc, sc2*, repeat ... 24
Rnd 4 ... *2 sc, sc2*, repeat ... 32
Rnd 5 ... *3 sc, sc2*, repeat ... 40
Rnd 6 ... BL sc in each st ... 40
Rnd 7 ... sc in each st ... 40
Rnd 8 ... *3 sc, MB*, repeat ... 40
Rnd 9 ... sc in each st ... 40
Rnd 10 ... 1 sc, *MB, 3 sc*, repeat to last 3 sts, MB, 2 sc ... 40
Rnds 11-13 ... sc in each st ... 40`,
    makes: '8 16 24 32 40 40 40 40 40 40 40x3',
  },
  {
    name: 'sampler tote panels with repeats of rows counted from the bottom',
    text: `PANEL A
Cast on 30 ch.
R.1 – sc in the 2nd ch from the hook and in all ch (29)
R.2 – 1 ch, turn, sc in all sc (29)
R.3 – 1 ch, turn, 1 sc, *1 ch, skip 1, 1 sc*, repeat to the end (29)
R.4 – 1 ch, turn, 1 sc in each sc and 1 sc in each ch sp (29)
R.5 to R.12 – repeat R.3 and R.4 (29)
R.13 – 1 ch, turn, 1 sc in the first sc, *1 dc in the next sc, 1 sc in the next sc*, repeat to the end (29)
R.14 – as R.2 (29)`,
    makes: '29 29 29 29 29x8 29 29',
  },
  {
    name: 'worked from the top down, chained handle slits',
    text: `Begin at the brim. Ch 60 and join into a ring, taking care not to twist.
Round 1 | sc in each ch | 60
Round 2 | sc in each sc | 60
Round 3 | sc in next 10, ch 10, skip 10, sc in next 20, ch 10, skip 10, sc in last 10 | 60
Round 4 | sc in next 10 sc, 10 sc in ch-10 space, sc in next 20 sc, 10 sc in ch-10 space, sc in last 10 sc | 60
Rounds 5–9 | sc in each sc | 60
Round 10 | *sc in next 8 sc, sc2tog* around | 54
Round 11 | *sc in next 7 sc, sc2tog* around | 48
Round 12 | *sc in next 6 sc, sc2tog* around | 42`,
    makes: '60 60 60 60 60x5 54 48 42',
  },
  {
    name: 'each round with what it is for in brackets first',
    text: `Rnd 1 (ring): ch 4, join, ch 1, 8 sc in ring, join. 8 sc.
Rnd 2 (doubling): ch 1, 2 sc in each sc, join. 16 sc.
Rnd 3 (growing): ch 1, *1 sc in next sc, 2 sc in next sc, rep from *, join. 24 sc.
Rnd 4 (growing again): ch 1, *1 sc in each of next 2 sc, 2 sc in next sc, rep from *, join. 32 sc.
Rnd 5 (edge): ch 1, bpsc around each sc, join. 32 sc.
Rnd 6 (plain): ch 1, 1 sc in each st, join. 32 sc.
Rnd 7 (stars): ch 3 (counts as dc), *ch 1, skip 1, dc in next, rep from * to last st, ch 1, skip 1, join. 16 dc, 16 ch.
Rnd 8 (filling): ch 1, sc in same st, *sc in ch-1 sp, sc in dc, rep from * to last ch-1 sp, sc in last ch-1 sp, join. 32 sc.`,
    makes: '8 16 24 32 32 32 32 32',
  },
  {
    name: 'row number after the text',
    text: `Ch 16, turn.
Sc in 2nd ch from hook and in next 14 ch, turn (row 1: 15 sc).
Ch 1, sc in each sc, turn (row 2: 15 sc).
Ch 1, 2 sc in first sc, sc in next 13 sc, 2 sc in last sc, turn (row 3: 17 sc).`,
    makes: '15 15 17',
  },
  {
    name: 'brackets for groups in every kind',
    text: `Rnd 1) {magic ring, 6 sc}, [6]
Rnd 2) <inc> repeat 6 times, [12]
Rnd 3) <sc, inc> repeat 6 times, [18]
Rnd 4) <sc 2, inc> repeat 6 times, [24]
Rnd 5) <sc 3, inc> repeat 6 times, [30]
Rnd 6-8) sc 30, [30]
Rnd 9) <sc 3, dec> repeat 6 times, [24]`,
    makes: '6 12 18 24 30 30x3 24',
  },
  {
    name: 'increase rounds told as a rule',
    text: `Rnd 1: 6 sc in a magic ring.
Rnd 2: 2 sc in each st – 12 sts.
Rnds 3–6: continue increasing 6 sts per round (18, 24, 30, 36 sts).
Rnd 7: sc in each st – 36 sts.
Rnds 8–14: as rnd 7.`,
    makes: '6 12 18 24 30 36 36 36x7',
  },
  {
    name: 'a gusset knit-along style with dates',
    text: `Day 1
Row 1: ch 9, sc in 2nd ch from hook and across (8)
Rows 2-6: ch 1, turn, sc across (8)
Day 2
Row 7: ch 1, turn, inc, sc 6, inc (10)
Rows 8-12: ch 1, turn, sc across (10)
Day 3
Row 13: ch 1, turn, dec, sc 6, dec (8)
Row 14: ch 1, turn, sc across, fasten off (8)`,
    makes: '8 8x5 10 10x5 8 8',
  },
  {
    name: 'UK treble rounds, turning chains named once for all',
    text: `UK terms. The 3 ch at the start of each round counts as the first tr.
Round 1: 3 ch, 11 tr into a magic ring, ss to top of 3 ch (12 tr).
Round 2: 3 ch, tr at base, 2 tr into each tr round, ss to top of 3 ch (24 tr).
Round 3: 3 ch, 2 tr into next tr, (1 tr into next tr, 2 tr into next tr) round, ss to top of 3 ch (36 tr).
Round 4: 3 ch, tr into next tr, 2 tr into next tr, (1 tr into each of next 2 tr, 2 tr into next tr) round, ss to top of 3 ch (48 tr).
Round 5: 1 ch, dc into each tr round, ss to first dc (48 dc).`,
    makes: '12 24 36 48 48',
  },
  {
    name: 'crab stitch and surface slip stitch finish',
    text: `1. Ch 50. Join to form a loop without twisting. [50 ch]
2. Sc in each ch. [50 sc]
3. Hdc in each st. [50 hdc]
4. (Hdc 3, hdc2tog) 10 times. [40 hdc]
5. Hdc in each st. [40 hdc]
6. (Hdc 2, hdc2tog) 10 times. [30 hdc]
7. Sc in each st. [30 sc]
8. Reverse sc in each st. Cut yarn, weave in ends. [30 sts]`,
    makes: '50 50 50 40 40 30 30 30',
  },
  {
    name: 'stitch counts by parts of the oval',
    text: `Ch 10.
Rnd 1: inc in 2nd ch from hook, sc in next 7 ch, 4 sc in last ch, working on the opposite side: sc in next 7 ch, inc in last ch. (22 = 7 + 7 + 8)
Rnd 2: (inc) twice, sc 7, (inc) 4 times, sc 7, (inc) twice. (30)
Rnd 3: (sc, inc) twice, sc 7, (sc, inc) 4 times, sc 7, (sc, inc) twice. (38)
Rnd 4: sc in back loops around. (38)
Rnds 5-7: sc around. (38)`,
    makes: '22 30 38 38 38x3',
  },
  {
    name: 'worked-in strings of colour with hyphens',
    text: `Colours: a-Brass, b-Plum, c-Oat
Ch 24 with a, join.
rd 1: 24 sc a (24)
rd 2: *2 sc a, 1 sc b* 8x (24)
rd 3: *1 sc a, 2 sc b* 8x (24)
rd 4: 24 sc b (24)
rd 5: *1 sc b, 1 sc c* 12x (24)
rd 6: 24 sc c (24)`,
    makes: '24 24 24 24 24 24',
  },
  {
    name: 'left over counts: "left with"',
    text: `Top shaping of the pouch (over 36 sts)
Ch 36, join.
Rnd 1: sc around. You have 36 sts.
Rnd 2: [sc 4, sc2tog] 6 times. You are left with 30 sts.
Rnd 3: sc around. Still 30 sts.
Rnd 4: [sc 3, sc2tog] 6 times. You are left with 24 sts.
Rnd 5: [sc 2, sc2tog] 6 times. You are left with 18 sts.
Rnd 6: [sc 1, sc2tog] 6 times. You are left with 12 sts.`,
    makes: '36 30 30 24 18 12',
  },
  {
    name: 'raised ribs and cross stitches',
    text: `Crossed dc (Xdc): skip 1 st, dc in next st, dc in skipped st.
Ch 21.
Row 1 (RS): sc in 2nd ch from hook, sc across. [20 sc]
Row 2: ch 3 (counts as a dc), turn, *Xdc over next 2 sts; rep from * 8 more times, dc in last st. [20 sts: 9 Xdc and 2 dc]
Row 3: ch 1, turn, sc in each st across. [20 sc]
Row 4: ch 2 (not a st), turn, hdc across. [20 hdc]
Row 5: ch 2 (not a st), turn, *fphdc around next st, bphdc around next st; rep from * across. [20 sts]`,
    makes: '20 20 20 20 20',
  },
  {
    name: 'work said by an assembly of short sentences',
    text: `Round 1. Magic ring. Six single crochet into it. Pull the ring shut. Six stitches.
Round 2. Two single crochet into every stitch. Twelve stitches.
Round 3. One single crochet. Two into the next. Repeat. Eighteen stitches.
Round 4. Two single crochet. Two into the next. Repeat. Twenty-four stitches.
Round 5. One single crochet into every stitch. Twenty-four stitches.
Rounds 6, 7 and 8. The same as round 5.`,
    makes: '6 12 18 24 24 24x3',
  },
  {
    name: 'lace with v stitches in a round',
    text: `V = (dc, ch 1, dc)
Rnd 1: ch 4 (= dc + ch 1), dc in ring, ch 1, *V in ring, ch 1, rep from * 3 times more, sl st in 3rd ch. (5 V, 10 ch-1 sps)
Rnd 2: ch 1, sc in each dc and ch-1 sp around, sl st in first sc. (20 sc)
Rnd 3: ch 1, sc in each sc around, sl st in first sc. (20 sc)`,
    makes: '20 20 20',
  },
  {
    name: 'multiples and what to chain',
    text: `Multiple of 4 sts + 1 (add 1 for the base chain). Here: ch 30.
Row 1: Sc in second ch from hook and in each ch across. Turn. – 29
Row 2: Ch 1. Sc in first st. *Ch 3, skip 3 sts, sc in next st. Repeat from * across. Turn. – 8 sc, 7 loops
Row 3: Ch 1. Sc in first sc. *3 sc in ch-3 loop, sc in next sc. Repeat from * across. Turn. – 29
Row 4: Ch 1. Sc in each st. Turn. – 29`,
    makes: '29 29 29 29',
  },
]
