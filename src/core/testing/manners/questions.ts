import type { Manner } from './manner.ts'

/* Told as questions, tables, blocks of text. */
export const questions: readonly Manner[] = [
  {
    name: 'rounds as questions and answers',
    text: `Q: How do I begin? A: With 7 sc in an adjustable ring.
Rnd 1: 7 sc in adjustable ring (total: 7)
Rnd 2: 2 sc in every sc (total: 14)
Rnd 3: 1 sc in the first, 2 sc in the second, and repeat (total: 21)
Rnd 4: 1 sc in the first and second, 2 sc in the third, and repeat (total: 28)
Rnd 5: sc around (total: 28)`,
    makes: '7 14 21 28 28',
  },
  {
    name: 'numbers spelled, brackets curly, rows called lines',
    text: `Line 1: ch 15, sc in second ch from hook and in every following ch {14}
Line 2: ch 1, turn, sc in every sc {14}
Line 3: ch 1, turn, {sc, ch 1, skip one sc} repeat to last two sc, sc in both {14}
Line 4: ch 1, turn, sc in every sc and ch {14}`,
    makes: '14 14 14 14',
  },
  {
    name: 'a panel in half treble with stepped edges',
    text: `UK terms
26 ch.
R1: htr in 3rd ch from hook (2 ch = 1 htr), htr in each ch across. 25 htr.
R2: 2 ch (= 1 htr), turn, miss first htr, htr in each htr, last htr in top of 2 ch. 25 htr.
R3: as R2. 25 htr.
R4: 1 ch, turn, ss in first 3 htr, 2 ch (= 1 htr), htr in each htr until 2 remain, turn leaving 2 unworked. 21 htr.`,
    makes: '25 25 25 21',
  },
  {
    name: 'ch-sp first rows of a net, "arch" and "arches"',
    text: `Ch 32, join.
Rnd 1: Ch 1, sc in each ch, join. (32 sc)
Rnd 2: Ch 1, *sc in next sc, ch 3, miss 3 sc; rep from * to end, join. (8 arches)
Rnd 3: Ss into first arch, ch 1, *(sc, 3 dc, sc) in arch; rep from * to end, join. (40 sts)
Rnd 4: Ch 1, sc in each st, join. (40 sc)`,
    makes: '32 32 40 40',
  },
  {
    name: 'dec rounds described by total only',
    text: `Ch 42, join.
Rnds 1–10: sc around (42).
Rnd 11: decrease 6 sts evenly spaced around (36).
Rnd 12: sc around (36).
Rnd 13: decrease 6 sts evenly spaced around (30).
Rnd 14: work even (30).
Rnd 15: dec 10 evenly (20).`,
    makes: '42x10 36 36 30 30 20',
  },
  {
    name: 'work in the round back and forth',
    text: `Ch 28, sl st to join.
Rnd 1 (RS): ch 1, sc in each ch, sl st to join, turn. 28.
Rnd 2 (WS): ch 1, sc in each sc, sl st to join, turn. 28.
Rnd 3: ch 1, [sc in next sc, dc in next sc] around, sl st to join, turn. 28.
Rnd 4: ch 1, [sc in dc, dc in sc] around, sl st to join, turn. 28.
Rnds 5 and 6: repeat Rnds 3 and 4. 28.`,
    makes: '28 28 28 28 28 28',
  },
  {
    name: 'rows that end with instructions for the next',
    text: `Chain 20 + 1 to turn.
Row 1: 1 sc in the second ch from the hook, 1 sc in each following ch, ch 1, turn. 20 sts
Row 2: 1 sc in each sc, ch 1, turn. 20 sts
Row 3: 1 sc in each of 9 sc, 2 sc in each of 2 sc, 1 sc in each of 9 sc, ch 1, turn. 22 sts
Row 4: 1 sc in each sc, ch 3, turn. 22 sts
Row 5: skip the first st, 1 dc in each of the remaining sts, ch 1, turn. 22 sts
Row 6: 1 sc in each dc and 1 sc in the top of the ch 3. 22 sts`,
    makes: '20 20 22 22 22 22',
  },
  {
    name: 'motif joined with hexes, clusters and parenthesised counts',
    text: `Rnd 1: Ch 4, 2-dc cluster in 4th ch from hook (counts as first cluster), *ch 2, 3-dc cluster in same ch; rep from * 4 times, ch 2, join in top of first cluster. (6 clusters, 6 ch-2 spaces)
Rnd 2: Ch 1, 3 sc in each ch-2 space around, join. (18 sc)
Rnd 3: Ch 1, sc in each sc around, join. (18 sc)`,
    makes: '18 18 18',
  },
  {
    name: 'hdc spiral, decreasing by skipped stitches, short words',
    text: `r1 mr 8 hdc = 8
r2 2 hdc ea = 16
r3 hdc 1, inc 1 = 24
r4 hdc 2, inc 1 = 32
r5-8 hdc = 32
r9 hdc 2, dec 1 = 24
r10 hdc = 24
r11 hdc 1, dec 1 = 16`,
    makes: '8 16 24 32 32x4 24 24 16',
  },
  {
    name: 'all in one block of text',
    text: `Pouch: Rnd 1: 6 sc in ring (6). Rnd 2: 2 sc in each sc (12). Rnd 3: (sc in next sc, 2 sc in next sc) 6 times (18). Rnd 4: (sc in next 2 sc, 2 sc in next sc) 6 times (24). Rnds 5-9: sc in each sc (24). Rnd 10: (sc in next 2 sc, sc2tog) 6 times (18). Fasten off.`,
    makes: '6 12 18 24 24x5 18',
  },
  {
    name: 'table of rounds by increases between',
    text: `Base, worked as a flat circle in hdc:
Rnd | sc between increases | total
1 | start with 8 hdc in the ring | 8
2 | inc in each | 16
3 | 1 hdc, inc | 24
4 | 2 hdc, inc | 32
5 | 3 hdc, inc | 40`,
    makes: '8 16 24 32 40',
  },
  {
    name: 'even rounds with "work in pattern"',
    text: `Ch 36, join.
Rnd 1: *sc in next 2 ch, dc in next ch; rep from * around. 36 sts
Rnd 2: *sc in next 2 sc, dc in next dc; rep from * around. 36 sts
Rnds 3-8: work in pattern as set. 36 sts
Rnd 9: *sc2tog, dc in next dc; rep from * around. 24 sts
Rnd 10: sc in each st around. 24 sts`,
    makes: '36 36 36x6 24 24',
  },
  {
    name: 'UK with htr2tog, rnds and numbers in words',
    text: `Round one: Seven double crochet into a magic ring. Seven stitches.
Round two: Two double crochet into each stitch around. Fourteen stitches.
Round three: (One double crochet, two double crochet into the next stitch) seven times. Twenty-one stitches.
Round four: One half treble into each stitch around. Twenty-one stitches.
Round five: (One half treble, half treble two together) seven times. Fourteen stitches.
Terms are UK.`,
    makes: '7 14 21 21 14',
  },
  {
    name: 'wavy shell rounds',
    text: `Ch 48, join.
Rnd 1: ch 1, sc in each ch around, join (48 sc)
Rnd 2: ch 1, sc in first sc, *skip 2 sc, 5 dc in next sc, skip 2 sc, sc in next sc; rep from * around, ending with skip 2 sc, join (8 shells, 8 sc)
Rnd 3: ch 1, *sc in sc, sc in each of next 5 dc; rep from * around, join (48 sc)`,
    makes: '48 48 48',
  },
  {
    name: 'surface row and bottom folded',
    text: `Ch 30.
Row 1: sc in 2nd ch from hook and each ch across. 29 sc. Turn.
Row 2: ch 1, sc in each sc. 29 sc. Turn.
Rows 3-40: As Row 2. 29 sc.
Fold in half so that Rows 1 and 40 meet; sc the sides together through both layers, 20 sc each.`,
    makes: '29 29 29x38',
  },
]
