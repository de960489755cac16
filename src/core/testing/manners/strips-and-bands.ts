import type { Manner } from './manner.ts'

/* Strips, bands and flaps, in older and newer words. */
export const stripsAndBands: readonly Manner[] = [
  {
    name: 'stripe pouch with a colour sequence line',
    text: `Colour sequence: 2 rounds Brass, 2 rounds Oat, repeat.
All rounds in sc, spiral.
Rnd 1: 6 sc in MR. (6)
Rnd 2: [inc] 6 times. (12)
Rnd 3: [1 sc, inc] 6 times. (18)
Rnd 4: [2 sc, inc] 6 times. (24)
Rnd 5: [3 sc, inc] 6 times. (30)
Rnd 6: [4 sc, inc] 6 times. (36)
Rnds 7-16: 36 sc. (36)
Rnd 17: [4 sc, dec] 6 times. (30)
Rnd 18: [ch 1, skip 1, 2 sc] 10 times. (20 sc, 10 ch)
Rnd 19: [1 sc in ch-1 sp, 2 sc] 10 times. (30)
Rnd 20: 30 sl st. (30)`,
    makes: '6 12 18 24 30 36 36x10 30 30 30 30',
  },
  {
    name: 'tapestry rows with B written as in-line switches',
    text: `Ch 25 with A.
Row 1 (RS): with A, sc in 2nd ch from hook and in each ch across. (24)
Row 2: ch 1, turn, with A sc in next 3 sts, with B sc in next 2 sts, *with A sc in next 4 sts, with B sc in next 2 sts; rep from * 2 more times, with A sc in last st. (24)
Row 3: ch 1, turn, with A sc in next st, (with B sc in next 2 sts, with A sc in next 4 sts) 3 times, with B sc in next 2 sts, with A sc in last 3 sts. (24)
Row 4: ch 1, turn, A: 3 sc, (B: 2 sc, A: 4 sc) x 3, B: 2 sc, A: 1 sc. (24)
Row 5: with A only, ch 1, turn, sc across. (24)`,
    makes: '24 24 24 24 24',
  },
  {
    name: 'purse from the 1920s style',
    text: `Chain 40, join in a ring.
1st Rd. — Single crochet in every chain. [40 sc.]
2d Rd. — Single crochet in every stitch. [40 sc.]
3d Rd. — Chain 4, skip 1 st., * double in next st., chain 1, skip 1 st., repeat from * around, join to 3d ch. of ch. 4. [20 doubles, 20 spaces.]
4th Rd. — Single crochet in every double and in every space. [40 sc.]
5th to 8th Rds. — Same as 4th, but in every stitch. [40 sc.]`,
    makes: '40 40 40 40 40x4',
  },
  {
    name: 'gusset strip until length, then counted rows',
    text: `Gusset
Ch 7.
Row 1: Sc in 2nd ch from hook and in each ch. (6 sc)
Row 2: Ch 1, turn, sc in each sc. (6 sc)
Repeat row 2 until the strip is 80 cm long or goes around three sides of the front.
Fasten off.

Front
Ch 31.
Row 1: Sc in 2nd ch from hook and in each ch. (30 sc)
Rows 2-5: Ch 1, turn, sc in each sc. (30 sc)
Row 6: Ch 1, turn, [sc in next 4 sc, sc2tog] 5 times. (25 sc)
Row 7: Ch 1, turn, sc in each sc. (25 sc)`,
    makes: '6 6 30 30x4 25 25',
  },
  {
    name: 'rows run on with semicolons only, no capital letters',
    text: `ch 17;
row 1; sc in 2nd ch from hook; sc in each ch to end; 16 sc;
row 2; ch 1; turn; inc in first st; sc to end; 17 sc;
row 3; ch 1; turn; sc to last st; inc in last st; 18 sc;
rows 4 to 7; ch 1; turn; sc to end; 18 sc;
row 8; ch 1; turn; sk first st; sc to end; 17 sc;`,
    makes: '16 17 18 18x4 17',
  },
  {
    name: 'star stitch as a special of several loops',
    text: `Special stitch: star = pull up a loop in each of the next 5 places, yo and through all 6 loops, ch 1 (the eye).
Ch 21.
Row 1: sc in 2nd ch from hook, sc across. 20 sc.
Row 2: ch 1, turn, sc across. 20 sc.
Row 3: ch 1, turn, hdc across. 20 hdc.`,
    makes: '20 20 20',
  },
  {
    name: 'sizes in slashes with words',
    text: `Pouch in small / medium / large
Rnd 1: 6 / 8 / 10 sc in a magic ring. 6 / 8 / 10 sts
Rnd 2: inc in each st. 12 / 16 / 20 sts
Rnd 3: [sc, inc] 6 / 8 / 10 times. 18 / 24 / 30 sts
Rnd 4: [2 sc, inc] 6 / 8 / 10 times. 24 / 32 / 40 sts
Rnd 5: sc in each st. 24 / 32 / 40 sts`,
    makes: '6 12 18 24 24',
  },
  {
    name: 'join note at the end of each round in brackets, yarn over colours',
    text: `Rnd 1: 12 dc in ring [join with ss in 3rd of beg 3-ch; the 3-ch counts] – you should have 12 dc in all
Rnd 2: 3-ch (counts as dc), dc in same place, 2 dc in every dc to end [join] – you should have 24 dc in all
Rnd 3: 3-ch (counts as dc), 2 dc in next dc, *dc in next dc, 2 dc in next dc, rep from * to end [join] – you should have 36 dc in all
Rnd 4: 1-ch, sc in every dc to end [join] – you should have 36 sc in all`,
    makes: '12 24 36 36',
  },
  {
    name: 'picots and edgings that leave the count',
    text: `Rnd 1: 30 sc around the ring (30 sc).
Rnd 2: sc in each sc (30 sc).
Rnd 3: *sc in next 3 sc, picot (ch 3, sl st in the first ch), rep from * around (30 sc, 10 picots).
Rnd 4: sc in each sc, pushing the picots to the front (30 sc).`,
    makes: '30 30 30 30',
  },
  {
    name: 'moss rows with space words',
    text: `Ch 26.
Row 1: sc in 2nd ch from hook, *ch 1, skip 1, sc in next; rep from * to end: 13 sc, 12 spaces
Row 2: ch 1, turn, sc in first sc, *sc in next space, ch 1, skip next sc; rep from * to last space, sc in last space, sc in last sc: 14 sc, 11 spaces
Row 3: ch 1, turn, sc in first sc, *ch 1, skip next sc, sc in next space; rep from * to last 2 sc, ch 1, skip next sc, sc in last sc: 13 sc, 12 spaces
Row 4: ch 1, turn, sc in each sc and in each space: 25 sc`,
    makes: '25 25 25 25',
  },
  {
    name: 'base in ovals with even increases said as places',
    text: `Make 15 ch.
Rnd 1: 2 sc in 2nd ch, 1 sc in each of next 12 ch, 4 sc in last ch; now along the bottom of the chain: 1 sc in each of next 12 ch, 2 sc in the last. Total 32.
Rnd 2: 2 sc in each of first 2 sts, 1 sc in each of next 12 sts, 2 sc in each of next 4 sts, 1 sc in each of next 12 sts, 2 sc in each of last 2 sts. Total 40.
Rnd 3: 1 sc in each st. Total 40.
Rnd 4: [1 sc in each of next 8 sts, 2 sc tog] 4 times. Total 36.`,
    makes: '32 40 40 36',
  },
  {
    name: 'a brim of ribbing worked sideways',
    text: `Ribbed band, worked back and forth
Ch 9.
Row 1: hdc in 3rd ch from hook and in each ch across (7 hdc).
Row 2: ch 2, turn, hdc blo across (7 hdc).
Rows 3-40: as row 2 (7 hdc).
Join the ends with sl st. Do not cut the yarn.
Body, worked in rounds from the edge of the band
Rnd 1: ch 1, 1 sc in the end of each row around, join (40 sc).
Rnd 2: ch 1, sc in each sc around, join (40 sc).
Rnd 3: ch 1, *sc in next 7 sc, 2 sc in next sc* 5 times, join (45 sc).`,
    makes: '7 7 7x38 40 40 45',
  },
  {
    name: 'ring first and then "into each" with numbers in front of brackets',
    text: `Loop base
Wind the yarn twice round your finger to make a ring.
Rnd 1: 1 ch, 9 sc into the ring, close the ring, ss into the 1 ch. (9 sts)
Rnd 2: 1 ch, 2 sc into each st, ss. (18 sts)
Rnd 3: 1 ch, 9 x (1 sc into next st, 2 sc into next st), ss. (27 sts)
Rnd 4: 1 ch, 9 x (1 sc into each of next 2 sts, 2 sc into next st), ss. (36 sts)
Rnd 5: 1 ch, 36 sc, ss. (36 sts)`,
    makes: '9 18 27 36 36',
  },
  {
    name: 'alternating stitches with "alternately"',
    text: `Ch 23.
Row 1: sc in 2nd ch from hook and each ch along. 22 sts
Row 2: ch 1, turn, work 1 sc and 1 dc alternately to the end. 22 sts
Row 3: ch 1, turn, 1 sc in each st. 22 sts
Row 4: ch 1, turn, work 1 dc and 1 sc alternately to the end. 22 sts`,
    makes: '22 22 22 22',
  },
  {
    name: 'centred decreases for a triangle flap',
    text: `Flap, worked down from 21 sts
Ch 22.
Row 1: sc in second ch from hook and across [21]
Row 2: ch 1, turn, sc in each of the first 9, sc3tog, sc in each of the last 9 [19]
Row 3: ch 1, turn, sc across [19]
Row 4: ch 1, turn, sc in each of the first 8, sc3tog, sc in each of the last 8 [17]
Row 5: ch 1, turn, sc across [17]`,
    makes: '21 19 19 17 17',
  },
]
