import type { Manner } from './manner.ts'

/* Patterns as they come by mail, from a scan, from a class. */
export const byMail: readonly Manner[] = [
  {
    name: 'scan with broken lines and page numbers',
    text: `12
BUCKET BAG
Rnd 1: Make a magic ring, 6 sc in
ring. (6 sc)
Rnd 2: 2 sc in each sc around.
(12 sc)
Rnd 3: *Sc in next sc, 2 sc in next sc;
repeat from * around. (18 sc)
13
Rnd 4: *Sc in next 2 sc, 2 sc in next
sc; repeat from * around. (24 sc)
Rnd 5: Sc in each sc around. (24 sc)`,
    makes: '6 12 18 24 24',
  },
  {
    name: 'class handout with tick boxes and "check"',
    text: `□ Rnd 1. 8 sc into ring. CHECK: 8
□ Rnd 2. 2 sc into each st. CHECK: 16
□ Rnd 3. *sc, 2 sc into next st* to end. CHECK: 24
□ Rnd 4. *sc, sc, 2 sc into next st* to end. CHECK: 32
□ Rnd 5. sc into each st. CHECK: 32`,
    makes: '8 16 24 32 32',
  },
  {
    name: 'message with emojis',
    text: `🧶 Base
Rnd 1️: 6 sc in mr ➡️ 6
Rnd 2️: inc x 6 ➡️ 12
Rnd 3️: (sc, inc) x 6 ➡️ 18
Rnd 4️: (2 sc, inc) x 6 ➡️ 24
✨ Body
Rnd 5️: sc all the way ➡️ 24
Rnd 6️: sc all the way ➡️ 24`,
    makes: '6 12 18 24 24 24',
  },
  {
    name: 'rows with yarn at the end in brackets',
    text: `Ch 20 (A).
Row 1: sc in 2nd ch from hook and each ch across. 19 sts (A)
Row 2: ch 1, turn, sc across. 19 sts (A)
Row 3: ch 1, turn, *sc in next st, dc in next st; rep from * to last st, sc in last st. 19 sts (B)
Row 4: ch 1, turn, sc across. 19 sts (B)
Row 5: ch 1, turn, sc across. 19 sts (A)`,
    makes: '19 19 19 19 19',
  },
  {
    name: 'increases named by place: first, middle, last',
    text: `Ch 4.
Row 1: 2 sc in 2nd ch from hook, sc in next ch, 2 sc in last ch. 5 sc.
Row 2: ch 1, turn, 2 sc in first st, sc in next st, 3 sc in middle st, sc in next st, 2 sc in last st. 9 sc.
Row 3: ch 1, turn, sc in each st. 9 sc.
Row 4: ch 1, turn, inc in first and last st, sc in between. 11 sc.`,
    makes: '5 9 9 11',
  },
  {
    name: 'book style with semicolons and "rpt"',
    text: `1st rnd: 7 ch, join; 1 ch, 12 dc in ring; ss to first dc: 12 sts. UK terms.
2nd rnd: 1 ch; 2 dc in each st; ss to first dc: 24 sts.
3rd rnd: 1 ch; (1 dc, 2 dc in next st) rpt 12 times; ss to first dc: 36 sts.
4th rnd: 1 ch; 1 dc in each st; ss to first dc: 36 sts.
5th rnd: 1 ch; (4 dc, dc2tog) rpt 6 times; ss to first dc: 30 sts.`,
    makes: '12 24 36 36 30',
  },
  {
    name: 'bag in the round with steek-like seams, right and wrong side rounds turned',
    text: `Ch 40; join.
Rnd 1 (RS): Ch 1, sc in each ch around; join, turn. (40 sc)
Rnd 2 (WS): Ch 1, *sc in next sc, tr in next sc; rep from * around; join, turn. (40 sts)
Rnd 3 (RS): Ch 1, sc in each st around; join, turn. (40 sc)
Rnd 4 (WS): Ch 1, *tr in next sc, sc in next sc; rep from * around; join, turn. (40 sts)
Rnd 5 (RS): Rep Rnd 3. (40 sc)
Rnd 6-13: Rep Rnds 2-5 twice. (40)`,
    makes: '40 40 40 40 40 40x8',
  },
  {
    name: 'beginner sheet, stitches counted aloud',
    text: `Row 1: chain 12. Skip the first chain. Single crochet in the next 11 chains. Count your stitches: 11.
Row 2: chain 1. Turn. Single crochet in all 11 stitches. Count your stitches: 11.
Row 3: chain 1. Turn. Single crochet in the first stitch, two single crochet in the next, single crochet in the next 7, two single crochet in the next, single crochet in the last. Count your stitches: 13.
Row 4: chain 1. Turn. Single crochet in all 13 stitches. Count your stitches: 13.`,
    makes: '11 11 13 13',
  },
  {
    name: 'rows with a running total of rows',
    text: `Ch 14.
Row 1 (1 of 12): Sc in 2nd ch from hook and across. 13 sc
Row 2 (2 of 12): Ch 1, turn, sc across. 13 sc
Rows 3–10 (3–10 of 12): As Row 2. 13 sc
Row 11 (11 of 12): Ch 1, turn, sc2tog, sc in next 9, sc2tog. 11 sc
Row 12 (12 of 12): Ch 1, turn, sc across. 11 sc`,
    makes: '13 13 13x8 11 11',
  },
  {
    name: 'stitches in a column, one step per line with indents',
    text: `Rnd 1:
   MR
   7 sc
   (7)
Rnd 2:
   7 inc
   (14)
Rnd 3:
   sc, inc
   x 7
   (21)
Rnd 4:
   sc around
   (21)`,
    makes: '7 14 21 21',
  },
  {
    name: 'ribbed hem in post stitches, then sc with "as established"',
    text: `Ch 30, join.
Rnd 1: ch 2, dc in each ch around, join. (30 dc) The ch 2 does not count.
Rnd 2: ch 2, *fpdc, bpdc; rep from * around, join. (30)
Rnd 3: ch 2, continue in ribbing as established, join. (30)
Rnd 4: ch 1, sc around, join. (30)
Rnd 5: ch 1, *sc 9, inc; rep from * around, join. (33)`,
    makes: '30 30 30 30 33',
  },
  {
    name: 'colourwork with dominant yarn named per round at the end of label',
    text: `Rnd 1, Brass: 16 sc in ring (16)
Rnd 2, Brass: 2 sc in each (32)
Rnd 3, Brass and Plum: *1 Brass, 1 Plum* around (32)
Rnd 4, Brass and Plum: *1 Plum, 1 Brass* around (32)
Rnd 5, Plum: sc around (32)`,
    makes: '16 32 32 32 32',
  },
  {
    name: 'said with "per" and "every" and "over"',
    text: `Rnd 1: 6 sc in ring - 6
Rnd 2: two sc per st - 12
Rnd 3: inc every other st - 18
Rnd 4: inc every third st - 24
Rnd 5: inc every 4 sts - 30
Rnd 6: one sc per st - 30
Rnd 7: dec over every fourth and fifth st - 24`,
    makes: '6 12 18 24 30 30 24',
  },
  {
    name: 'bead round with slip',
    text: `Rnd 1: 10 sc in a ring (10)
Rnd 2: inc around (20)
Rnd 3: *sc 4, slide a bead up, ch 1 behind it, sc 1* 4 times (20 sc, 4 ch)
Rnd 4: sc in each sc, leaving the chs behind the work (20)`,
    makes: '10 20 24 20',
  },
]
