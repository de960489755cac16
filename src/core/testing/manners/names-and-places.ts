import type { Manner } from './manner.ts'

/* Places, words of their own, and how rows hang together. */
export const namesAndPlaces: readonly Manner[] = [
  {
    name: 'scales worked in pairs of own words',
    text: `Special: Scale = 5 dc down one post, ch 1, 5 dc up the next post (worked over the 2 dc of a pair).
Pair = 2 dc in one st.
Ch 17.
Row 1: sc in 2nd ch from hook and each ch across. 16 sc.
Row 2: ch 1, turn, sc in each sc. 16 sc.
Row 3: ch 1, turn, 2 sc in first sc, sc in next 14 sc, 2 sc in last sc. 18 sc.`,
    makes: '16 16 18',
  },
  {
    name: 'own abbreviations with equals and semicolons',
    text: `b = sc in back loop; f = sc in front loop; d = dc in front loop of the row two below
Row 1: ch 13, sc in 2nd ch from hook and in each ch (12)
Row 2: ch 1, turn, 12 b (12)
Row 3: ch 1, turn, 2 b, d, 6 b, d, 2 b (12)
Row 4: ch 1, turn, 12 f (12)`,
    makes: '12 12 12 12',
  },
  {
    name: 'places called holes and bars',
    text: `Ch 30, join with a slip stitch.
Rnd 1: ch 1, sc in each ch, join. (30)
Rnd 2: ch 4 (counts as dc + ch 1), skip next st, *dc in next st, ch 1, skip next st* around, join to 3rd ch of ch-4. (15 dc, 15 holes)
Rnd 3: sl st in first hole, ch 1, 2 sc in same hole, 2 sc in every hole around, join. (30)
Rnd 4: ch 1, sc around, join. (30)`,
    makes: '30 30 30 30',
  },
  {
    name: 'row repeats of two and four, with stated ends',
    text: `Ch 32.
Row 1: Sc in 2nd ch from hook, sc in each remaining ch, turn. (31 sts)
Row 2: Ch 1, sc in first st, *sk next st, 2 sc in next st; repeat from * to end, turn. (31 sts)
Row 3: Ch 1, sc in each st to end, turn. (31 sts)
Rows 4 through 13: Repeat Rows 2 and 3 five times. (31 sts)
Row 14: Repeat Row 2. (31 sts)
Row 15: Ch 1, *sc in next 4 sts, sc2tog; repeat from * to last st, sc in last st, turn. (26 sts)
Rows 16-17: Repeat Row 3. (26 sts)`,
    makes: '31 31 31 31x10 31 26 26x2',
  },
  {
    name: 'number of times in front with brackets around words',
    text: `R1 (8): 8 x sc in a magic ring
R2 (16): 8 x inc
R3 (24): 8 x (sc, inc)
R4 (32): 8 x (2 sc, inc)
R5-R7 (32): 32 x sc
R8 (24): 8 x (2 sc, dec)
R9 (24): 24 x slst`,
    makes: '8 16 24 32 32x3 24 24',
  },
  {
    name: 'count in the middle of the sentence',
    text: `Round 1: Start with 7 sc in a ring.
Round 2: Put 2 sc in each stitch so that you have 14.
Round 3: *Sc 1, inc 1* seven times, which makes 21 stitches.
Round 4: *Sc 2, inc 1* seven times, for 28 stitches altogether.
Round 5: Sc around without increasing, still 28 stitches.`,
    makes: '7 14 21 28 28',
  },
  {
    name: 'a spiral with half doubles and a marker, in one paragraph each',
    text: `Rnd 1 - make a magic ring, ch 1 (does not count as a stitch here or later), work 9 hdc into the ring, pull tight, do not join, use a stitch marker - 9
Rnd 2 - work 2 hdc into each stitch - 18
Rnd 3 - work 1 hdc into the first stitch, 2 hdc into the second stitch, repeat this all the way around - 27
Rnd 4 - work 1 hdc into each of the first two stitches, 2 hdc into the third, repeat this all the way around - 36
Rnd 5 - hdc in the back bump of each stitch - 36
Rnd 6 to 9 - hdc in each stitch - 36`,
    makes: '9 18 27 36 36 36x4',
  },
  {
    name: 'UK terms with "miss", "work" and "times in all"',
    text: `Work in UK terms.
Make 29 ch.
1st row: Miss 1 ch, 1 dc in each ch to end. [28 dc]
2nd row: 1 ch, turn, 1 dc in each dc to end. [28 dc]
3rd row: 1 ch, turn, 1 dc in first dc, (miss 1 dc, 3 tr in next dc, miss 1 dc, 1 dc in next dc) 6 times in all, 1 dc in each of last 3 dc. [28 sts]
4th row: 1 ch, turn, 1 dc in each st to end. [28 dc]
5th to 8th rows: Repeat 2nd row. [28 dc]
9th row: 1 ch, turn, (dc2tog) 14 times. [14 dc]`,
    makes: '28 28 28 28 28x4 14',
  },
  {
    name: 'colour first, in capitals with a colon',
    text: `RED: ch 24, join.
Rnd 1: RED: sc in each ch, join (24)
Rnd 2: BLUE: ch 1, *sc in next 3 sts, spike st in next st* around, join (24)
Rnd 3: RED: ch 1, sc in each st, join (24)
Rnd 4: BLUE: ch 1, sc in first st, spike st in next st, *sc in next 3 sts, spike st in next st* 5 times, sc in last 2 sts, join (24)`,
    makes: '24 24 24 24',
  },
  {
    name: 'corner spaces of a square bag base, sc',
    text: `Rnd 1: In a magic ring work [3 sc, ch 2] 4 times, sl st to first sc. (12 sc, 4 ch-2 corners)
Rnd 2: Ch 1, sc in same st, sc in next 2 sts, *(sc, ch 2, sc) in corner, sc in next 3 sts; repeat from * 2 more times, (sc, ch 2, sc) in last corner, sl st to first sc. (20 sc, 4 corners)
Rnd 3: Ch 1, sc in same st, sc in next 3 sts, *(sc, ch 2, sc) in corner, sc in next 5 sts; repeat from * 2 more times, (sc, ch 2, sc) in last corner, sc in last st, sl st to first sc. (28 sc, 4 corners)
Rnd 4: Ch 1, sc in each st and 2 sc in each corner around, sl st to first sc. (36 sc)`,
    makes: '20 28 36 36',
  },
  {
    name: 'gathers of a drawstring pouch, decreases in words',
    text: `Chain 48, join.
Rnd 1: sc around the opening of the base: 48 sc.
Rnd 2: sc in each sc: 48 sc.
Rnd 3: decrease 8 stitches evenly: 40 sc.
Rnd 4: sc in each sc: 40 sc.
Rnd 5: *sc in 3, decrease* 8 times: 32 sc.
Rnd 6: *ch 2, skip 2, sc in 2* 8 times: 16 sc and 8 ch-2 spaces.
Rnd 7: *2 sc in the ch-2 space, sc in 2* 8 times: 32 sc.`,
    makes: '48 48 40 40 32 32 32',
  },
  {
    name: 'text with line breaks in the middle of rows',
    text: `Row 1: Ch 23, sc in second
ch from hook and in each
ch across. (22 sc)
Row 2: Ch 1, turn, sc in first
sc, *hdc in next sc, sc in next
sc; rep from * to last sc, hdc in
last sc. (22 sts)
Row 3: Ch 1, turn, sc in each
st across. (22 sc)`,
    makes: '22 22 22',
  },
  {
    name: 'even and odd rounds',
    text: `Rnd 1: 8 sc in MR (8)
Odd rounds from here on: sc in each st around.
Rnd 2: 8 inc (16)
Rnd 4: (sc, inc) x 8 (24)
Rnd 6: (2 sc, inc) x 8 (32)
Rnd 7: sc around (32)`,
    makes: '8 16 16 24 24 32 32',
  },
  {
    name: 'amounts as multiplications',
    text: `1r: mr 6sc [6]
2r: 6*inc [12]
3r: 6*(1sc+inc) [18]
4r: 6*(2sc+inc) [24]
5r: 6*(3sc+inc) [30]
6-8r: 30sc [30]
9r: 6*(3sc+dec) [24]
10r: 6*(2sc+dec) [18]`,
    makes: '6 12 18 24 30 30x3 24 18',
  },
  {
    name: 'front loops left, work into them later',
    text: `Rnd 1: 10 sc in a magic ring. (10 sc)
Rnd 2: 2 sc in each sc around. (20 sc)
Rnd 3: Sc in the back loop only of each sc around. (20 sc)
Rnd 4: *Sc in next 4 sc, 2 sc in next sc*, repeat from * to * 3 more times. (24 sc)
Rnd 5: Bpsc around the post of each sc around. (24 sc)
Rnds 6-8: Sc in each st around. (24 sc)`,
    makes: '10 20 20 24 24 24x3',
  },
  {
    name: 'headline counts: so many stitches after row N',
    text: `Strap
Start with 9 chains.
1. Turn. 8 sc, from the 2nd chain.
2. Turn. Ch 1. 8 sc.
3. Turn. Ch 1. 1 sc, 2 sc together, 2 sc, 2 sc together, 1 sc. 6 sts.
4. Turn. Ch 1. 6 sc.
5. Turn. Ch 1. 2 sc together, 2 sc, 2 sc together. 4 sts.
6. Turn. Ch 1. 2 sc together twice. 2 sts.`,
    makes: '8 8 6 6 4 2',
  },
  {
    name: 'cables by numbers of their rows',
    text: `C4 (cable over 4): sk 2 sts, fptr around next 2 sts, fptr around the 2 skipped sts.
Ch 22.
Row 1: hdc in 3rd ch from hook (skipped chs do not count as a st) and in each ch across. 20 hdc
Row 2: ch 2 (does not count as a st here and throughout), turn, hdc across. 20 hdc
Row 3: ch 2, turn, hdc in next 3 sts, C4, hdc in next 6 sts, C4, hdc in last 3 sts. 20 sts
Row 4: ch 2, turn, hdc in each st across. 20 hdc`,
    makes: '20 20 20 20',
  },
  {
    name: 'half the increases shifted',
    text: `Rnd 1: Magic ring. 6 sc into the ring (6 sc).
Rnd 2: 2 sc into each sc (12 sc).
Rnd 3: 1 sc, then 2 sc into the next sc, and so on to the end of the round (18 sc).
Rnd 4: 2 sc into the first sc, 1 sc into the next 2 sc, and so on to the end of the round (24 sc).
Rnd 5: 1 sc into the next 2 sc, 2 sc into the next sc, 1 sc into the next sc, and so on to the end of the round (30 sc).
Rnd 6: 1 sc into each sc (30 sc).`,
    makes: '6 12 18 24 30 30',
  },
]
