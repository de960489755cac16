import type { Manner } from './manner.ts'

/* Words of one's own, remarks, and slips. */
export const words: readonly Manner[] = [
  {
    name: 'letters for what is done, with dashes',
    text: `O – sc
Y – inc
Z – dec
R1: MR 6 O (6)
R2: 6 Y (12)
R3: (1 O, 1 Y) x 6 (18)
R4: (2 O, 1 Y) x 6 (24)
R5-7: 24 O (24)
R8: (2 O, 1 Z) x 6 (18)`,
    makes: '6 12 18 24 24x3 18',
  },
  {
    name: 'letters on one line, with slashes',
    text: `X = single crochet / V = two in one / A = two together
1. 6X in ring (6)
2. 6V (12)
3. (X, V) * 6 (18)
4. (2X, V) * 6 (24)
5-8. 24X (24)
9. (2X, A) * 6 (18)
10. (X, A) * 6 (12)`,
    makes: '6 12 18 24 24x4 18 12',
  },
  {
    name: 'post stitches under names of their own',
    text: `Abbreviations
fr = front raised double crochet: work round the front of the post
br = BPdc
Row 1: ch 22, dc in 4th ch from hook, dc in each ch across. (20)
Row 2: ch 2 (does not count), turn, *fr in next 2 sts, br in next 2 sts; rep from * across. (20)
Row 3: ch 2 (does not count), turn, *br in next 2 sts, fr in next 2 sts; rep from * across. (20)`,
    makes: '20 20 20',
  },
  {
    name: 'a cable in its own words',
    text: `T4F – skip 2 sts, tr in next 2 sts, working in front of these 2 tr, tr in the 2 skipped sts
Ch 22.
Row 1: sc in 2nd ch from hook and each ch to end. (21)
Row 2: ch 3 (counts as dc), turn, dc in next st, *T4F, dc in next st; rep from * to last 4 sts, dc in each of last 4 sts. (21)
Row 3: ch 1, turn, sc in each st to end. (21)`,
    makes: '21 21 21',
  },
  {
    name: 'puffs under a name with a remark',
    text: `Stitch guide
Bud: [yo, insert hook, pull up a loop] 3 times in the same stitch, yo and through all loops, ch 1 to close. The closing chain is not counted.
Rnd 1: 15 sc in a magic ring. 15 sc
Rnd 2: *bud in next st, sc in next 2 sts; rep from * around. 15 sts (5 buds)
Rnd 3: sc in each sc and in the top of each bud. 15 sc`,
    makes: '15 15 15',
  },
  {
    name: 'a stitch whose making is not understood',
    text: `Whorl: see the drawing on the last page.
Ch 19
Row 1: sc in 2nd ch from hook and in each ch (18)
Row 2: ch 1, turn, *sc in next 2 sts, whorl in next st; rep from * across (18)
Row 3: ch 1, turn, sc across (18)`,
    makes: '18 18 18',
  },
  {
    name: 'slips of typing',
    text: `Rnd 1: 6 sc in magic rnig (6)
Rnd 2: inc in eahc st around (12)
Rnd 3: *sc in nxt st, inc in next st; reapeat from * aroud (18)
Rnd 4: sc in each stich around (18)
Rnd 5: *sc in next 2 sts, inc; rep form * around (24)
Rnd 6: singel crochet in each st arround (24)`,
    makes: '6 12 18 18 24 24',
  },
  {
    name: 'chatty',
    text: `Hello and welcome to the drum pouch!
Rnd 1: Right, let's begin: make a magic ring and pop 6 sc into it. (6)
Rnd 2: Now put two sc in every stitch, nice and loose. (12)
Rnd 3: This time it is one sc, then an increase, six times in all. (18)
Rnd 4: You have the hang of it: two sc, then an increase, six times. (24)
Rnd 5: No more increases, just sc in every stitch, phew! (24)`,
    makes: '6 12 18 24 24',
  },
  {
    name: 'run together',
    text: `Rnd1: 6sc in MR(6)
Rnd2: inc*6(12)
Rnd3: (sc,inc)*6(18)
Rnd4: (2sc,inc)*6(24)
Rnd5: hdc24(24)
Rnd6: hdcx24(24)
Rnd7: 6x(3sc,inc)(30)
Rnd8: 3sc 1inc, 3sc 1inc, 3sc 1inc, 3sc 1inc, 10sc, 4sc(34)`,
    makes: '6 12 18 24 24 24 30 34',
  },
  {
    name: 'increase in every nth',
    text: `Rnd 1: 7 sc in magic ring (7)
Rnd 2: inc in every st (14)
Rnd 3: inc in every 2nd st (21)
Rnd 4: inc in every 3rd st (28)
Rnd 5: inc in every fourth st (35)
Rnd 6: sc even (35)
Rnd 7: dec in every 4th and 5th st (28)`,
    makes: '7 14 21 28 35 35 28',
  },
  {
    name: 'decrease over the next two',
    text: `Ch 21.
Row 1: sc in 2nd ch from hook, sc across (20)
Row 2: ch 1, turn, dec 1 over next 2 sts, sc to last 2 sts, dec 1 over last 2 sts (18)
Row 3: ch 1, turn, sc in each st (18)
Row 4: ch 1, turn, inc 1 in first st, sc to last st, inc 1 in last st (20)
Row 5: ch 1, turn, work 2 tog, work to last 2, work 2 tog (18)`,
    makes: '20 18 18 20 18',
  },
  {
    name: 'colours as letters in brackets with numbers',
    text: `Work in sc throughout.
Rnd 1: with A, 12 sc in ring (12)
Rnd 2: (A) 2 sc in each st (24)
Rnd 3: (A) 2, (B) 1, repeat 8 times (24)
Rnd 4: (A) 1, (B) 2, repeat 8 times (24)
Rnd 5: 2A, 1B around (24)
Rnd 6: 3A → 3B → 3A → 3B → 3A → 3B → 3A → 3B (24)
Rnd 7: A4 B2, repeat to end (24)`,
    makes: '12 24 24 24 24 24 24',
  },
  {
    name: 'colour names run by run',
    text: `Body, in single crochet over 30 stitches
Ch 30 in blue, join.
Round 1: 30 blue.
Round 2: 5 blue, 1 white, repeat 5 times.
Round 3: 4 blue, 2 white, repeat 5 times.
Round 4: 3 blue, 3 white, repeat 5 times. 30 sts.`,
    makes: '30 30 30 30',
  },
  {
    name: 'turning chain remarks',
    text: `Ch 17, turn.
Row 1 – skip first ch, sc in next 16 ch. (16)
Row 2 – ch 1 (not counted as a stitch here or anywhere), turn, sc in each sc. (16)
Row 3 – t-ch 3 = 1 dc, turn, skip first st, dc in each st. (16)
Row 4 – t-ch 3 = 1 dc, turn, skip first st, dc in each st incl. top of t-ch. (16)
Row 5 – ch 1, turn, sc in each st incl. top of t-ch. (16)`,
    makes: '16 16 16 16 16',
  },
  {
    name: 'remarks between',
    text: `Rnd 1: Make a slip knot and leave a long tail, ch 2, 6 sc in 2nd ch from hook (mark the first). 6
Rnd 2: 2 sc in each st, moving the marker up as you go. 12
Rnd 3: *1 sc, 2 sc in next st* x 6 – check that it lies flat! 18
Rnd 4: *2 sc, 2 sc in next st* x 6 (it may ruffle a little, that is fine). 24
Rnd 5: 1 sc in each st, using the smaller hook if you like. 24`,
    makes: '6 12 18 24 24',
  },
  {
    name: 'the other words of the trade',
    text: `Terms: UK
Rnd 1: 6 dc into an adjustable ring. 6 sts
Rnd 2: 2 dc into each st. 12 sts
Rnd 3: *1 dc into next st, 2 dc into next; rep from * to end. 18 sts
Rnd 4: 1 htr into each st to end. 18 sts
Rnd 5: *miss 1 st, 2 htr into next st; rep from * to end. 18 sts
Rnd 6: dc2tog once, 1 dc into each st to end. 17 sts`,
    makes: '6 12 18 18 18 17',
  },
  {
    name: 'long words and hyphens',
    text: `Round 1: Six single-crochets in a ring. [6]
Round 2: Two single-crochets in each stitch. [12]
Round 3: One half-double-crochet in each stitch. [12]
Round 4: *One half-double-crochet, two half-double-crochets in the next stitch*; six times. [18]
Round 5: One double-crochet in each stitch. [18]
Round 6: *One double-crochet, a double-crochet-two-together* six times. [12]`,
    makes: '6 12 12 18 18 12',
  },
  {
    name: 'markdown with bold labels',
    text: `## Base
- **Rnd 1:** 6 sc in a magic ring *(6 sc)*
- **Rnd 2:** inc × 6 *(12 sc)*
- **Rnd 3:** [sc, inc] × 6 *(18 sc)*
- **Rnd 4:** [2 sc, inc] × 6 *(24 sc)*

## Body
- **Rnds 5–10:** sc in each st *(24 sc)*
- **Rnd 11:** [2 sc, sc2tog] × 6 *(18 sc)*`,
    makes: '6 12 18 24 24x6 18',
  },
  {
    name: 'plus for the repeat',
    text: `Ch 20
Row 1: 1 sc in 2nd ch from hook, 1 sc in each ch to end: 19 sc
Row 2: ch 1, turn, 1 sc, + ch 1, skip 1, 1 sc; rep from + to end: 19 sts
Row 3: ch 1, turn, 1 sc in every sc and ch: 19 sc
Row 4: ch 3 for the 1st dc, turn, + skip 1, 2 dc in next; rep from + to end: 19 dc`,
    makes: '19 19 19 19',
  },
  {
    name: 'V, W and M as other makers write them',
    text: `V: 2 sc in one stitch
W: 3 sc in one stitch
M: sc3tog
Rnd 1: 6 sc in MR (6)
Rnd 2: 6 V (12)
Rnd 3: [sc, W] * 6 (24)
Rnd 4: 24 sc (24)
Rnd 5: [sc, M] * 6 (12)
Rnd 6: [V, sc] * 6 (18)`,
    makes: '6 12 24 24 12 18',
  },
]
