import type { Manner } from './manner.ts'

/* Whole bags, with all that stands around the rows. */
export const wholeBags: readonly Manner[] = [
  {
    name: 'a drum pouch with materials, tension and finishing',
    text: `THE SNARE POUCH
You will need: 2 balls of aran cotton in Brass, 1 ball in Plum, a 4 mm hook, a stitch marker.
Tension: 18 sts and 20 rounds to 10 cm.
The pouch is worked in a spiral; do not join unless told to.

BASE
Rnd 1: With Brass, start with a magic loop and work 6 sc into the loop. (6 sts)
Rnd 2: Inc in every st. (12 sts)
Rnd 3: *Sc, inc; repeat from * 5 more times. (18 sts)
Rnd 4: *Sc 2, inc; repeat from * 5 more times. (24 sts)
Rnd 5: *Sc 3, inc; repeat from * 5 more times. (30 sts)
Rnd 6: *Sc 4, inc; repeat from * 5 more times. (36 sts)

SIDES
Rnd 7: Working in back loops only, sc in every st. (36 sts)
Rnds 8 to 12: Sc in every st. (36 sts)
Change to Plum. Cut Brass.
Rnd 13: *Sc 8, inc; repeat from * 3 more times. (40 sts)
Rnd 14: *Sc in next 3 sts, 4-dc puff in next st; repeat from * 9 more times. (40 sts)
Rnds 15–18: Sc in every st. (40 sts)
Rnd 19 (eyelets): *Sc 3, ch 1, skip 1; repeat from * 9 more times. (30 sts and 10 spaces)
Rnd 20: *Sc 3, sc into the space; repeat from * 9 more times. (40 sts)
Rnd 21: Slip stitch in every st. (40 sts)
Fasten off and weave in all ends.

CORD
Chain 120. Thread it through the eyelets and knot the ends.`,
    makes: '6 12 18 24 30 36 36 36x5 40 40 40x4 40 40 40',
  },
  {
    name: 'UK bag worked in rows with a folded base',
    text: `Music folder bag (UK terms)
With 5mm hook, make 37 ch.
Row 1 (RS): 1 dc in 2nd ch from hook, 1 dc in each ch to end, turn. 36 sts
Row 2: 1 ch (does not count as st), 1 dc in each st to end, turn. 36 sts
Rows 3–6: As row 2.
Row 7: 3 ch (counts as 1 tr), miss first st, 1 tr in next st, *1 ch, miss 1 st, 1 tr in next st; rep from * to end, turn. 19 tr and 17 ch-sps
Row 8: 1 ch, 1 dc in first tr, *1 dc in next 1-ch sp, 1 dc in next tr; rep from * to last st, 1 dc in top of 3-ch, turn. 36 sts
Rows 9–10: As row 2.
Row 11: 2 ch (counts as 1 htr), miss first st, 1 htr in each st to end, turn. 36 sts
Row 12: 2 ch (counts as 1 htr), miss first st, 1 htr in each st to end, working last htr in top of 2-ch, turn. 36 sts
Row 13: 1 ch, dc2tog, 1 dc in each st to last 2 sts, dc2tog, turn. 34 sts
Row 14: As row 2. 34 sts
Rows 15–18: Rep rows 13 and 14 twice. 30 sts
Fasten off.`,
    makes: '36 36 36x4 36 36 36 36 36 36 34 34 32 32 30 30',
  },
  {
    name: 'oval base, chain numbers after the word, per side',
    text: `Base (oval)
Foundation chain: 13.
R1: Starting from the second chain from the hook: inc, 10 sc, 4 sc in the last chain, continue along the other side: 10 sc, inc. (28)
R2: 2 inc, 10 sc, 4 inc, 10 sc, 2 inc. (36)
R3: (1 sc, inc)*2, 10 sc, (1 sc, inc)*4, 10 sc, (1 sc, inc)*2. (44)
R4: (2 sc, inc)*2, 10 sc, (2 sc, inc)*4, 10 sc, (2 sc, inc)*2. (52)
Body
R5: BLO: sc around. (52)
R6-R15: sc around. (52)
R16: 10 sc, ch 8, skip 8 sts, 18 sc, ch 8, skip 8 sts, 8 sc. (52)
R17: 10 sc, 8 sc over the chain, 18 sc, 8 sc over the chain, 8 sc. (52)
R18: sl st around. (52)`,
    makes: '28 36 44 52 52 52x10 52 52 52',
  },
  {
    name: 'granny rounds as groups and corners',
    text: `Square for the side panel (make two)
Ch 4, sl st in first ch to make a ring.
Round 1: Ch 3 (stands for the first dc here and throughout), 2 dc in the ring, ch 2, *3 dc in the ring, ch 2, repeat from * twice more, sl st in the top of the ch 3. 12 dc, 4 corner spaces.
Round 2: Sl st in next 2 dc and into the corner sp, ch 3, 2 dc, ch 2, 3 dc in the same sp, ch 1, *(3 dc, ch 2, 3 dc) in the next corner sp, ch 1, repeat from * twice more, sl st to top of ch 3. 24 dc, 4 corner spaces, 4 ch-1 spaces.
Round 3: Sl st in next 2 dc and into the corner sp, ch 3, 2 dc, ch 2, 3 dc in the same sp, ch 1, 3 dc in the next ch-1 sp, ch 1, *(3 dc, ch 2, 3 dc) in the next corner sp, ch 1, 3 dc in the next ch-1 sp, ch 1, repeat from * twice more, sl st to top of ch 3. 36 dc, 4 corner spaces, 8 ch-1 spaces.
Round 4: Ch 1, sc in the same st and in each dc, 1 sc in each ch-1 sp and 3 sc in each corner sp, sl st to first sc. 56 sc.`,
    makes: '20 36 52 56',
  },
  {
    name: 'shells from a numbered lesson',
    text: `Lesson 4. The shell purse
Chain 26.
Step 1 (row 1). Single crochet in the second chain from your hook. Single crochet in every chain. You now have 25 single crochets.
Step 2 (row 2). Chain 1, turn. Single crochet in the first stitch. *Skip two stitches, make a shell of 5 double crochets in the next stitch, skip two stitches, single crochet in the next stitch.* Repeat between the stars to the end. You now have 4 shells.
Step 3 (row 3). Chain 3 (counts as a double crochet), turn. Make 2 double crochets in the first stitch. *Skip two stitches, single crochet in the next stitch (the middle of the shell), skip two stitches, make a shell of 5 double crochets in the next single crochet.* Repeat between the stars, making the last shell of 3 double crochets only.
Step 4 (row 4). Chain 1, turn. Single crochet in each stitch. You now have 25 single crochets.`,
    makes: '25 25 25 25',
  },
  {
    name: 'filet mesh with open and closed squares',
    text: `Ch 36.
Row 1: dc in the 4th ch from hook (the 3 skipped chs count as the first dc), dc in each ch across. Turn. 34 dc
Row 2: ch 5 (counts as dc, ch 2), sk first 3 dc, dc in next dc, *ch 2, sk 2 dc, dc in next dc; rep from * across, last dc in top of ch-3. Turn. 12 dc, 11 squares
Row 3: ch 3 (counts as dc), *2 dc in ch-2 sp, dc in next dc; rep from * across, working last dc in 3rd ch of ch-5. Turn. 34 dc
Row 4: ch 5 (counts as dc, ch 2), sk first 3 dc, dc in next dc, *ch 2, sk 2 dc, dc in next dc; rep from * across, last dc in top of ch-3. Turn. 12 dc, 11 squares
Row 5: ch 1, sc in first dc, *2 sc in ch-2 sp, sc in next dc; rep from * across, last sc in 3rd ch of ch-5. 34 sc`,
    makes: '34 34 34 34 34',
  },
  {
    name: 'mosaic overlay in words',
    text: `Overlay mosaic panel. Every row is worked on the right side. Fasten off at the end of every row.
With A, ch 22.
Row 1: A: sc in 2nd ch from hook and in each ch across. (21)
Row 2: A: sc in first st, blo sc in each st to last st, sc in last st. (21)
Row 3: B: sc in first st, *blo sc in next 3 sts, dc in flo of next st 2 rows below; rep from * to last 4 sts, blo sc in next 3 sts, sc in last st. (21)
Row 4: A: sc in first st, *blo sc in next st, dc in flo of next st 2 rows below, blo sc in next 2 sts; rep from * to last 4 sts, blo sc in next 3 sts, sc in last st. (21)
Rows 5-8: repeat rows 3 and 4 twice. (21)`,
    makes: '21 21 21 21 21x4',
  },
  {
    name: 'a list with bullets, half of it notes',
    text: `Round bottom bag
* Work in a spiral.
* Use a marker!

• R1 • 8 hdc in magic circle • 8
• R2 • 2 hdc in each • 16
• R3 • 1 hdc, 2 hdc in next, around • 24
• R4 • 1 hdc in next 2, 2 hdc in next, around • 32
• R5 • hdc in third loop around • 32
• R6–R9 • hdc around • 32
• R10 • sc around, slip stitch to finish • 32
• Break yarn.`,
    makes: '8 16 24 32 32 32x4 32',
  },
  {
    name: 'texture rows with front and back posts and ribs',
    text: `RIBBED CUFF BAG
Ch 42, join with sl st to form a circle, being careful not to twist.
Rnd 1: ch 2 (never counts), dc in each ch around, join with sl st in 1st dc (42 dc)
Rnd 2: ch 2, *FPdc around next st, BPdc around next st*; rep from * to * around, join (42)
Rnds 3-5: same as rnd 2 (42)
Rnd 6: ch 1, sc around, join (42)
Rnd 7: ch 1, *sc in next 5 sts, sc2tog*; rep from * to * around, join (36)
Rnd 8: ch 2, *dc in next 2 sts, FPdc around next st*; rep around, join (36)
Rnd 9: ch 2, *dc in next 2 sts, FPdc around FPdc*; rep around, join (36)
Rnd 10: ch 1, *sc in next 4 sts, sc2tog; rep from * around, join (30)
Rnd 11: ch 1, rev sc in each st around, join. FO. (30)`,
    makes: '42 42 42x3 42 36 36 36 30 30',
  },
  {
    name: 'counts on the left like a checklist',
    text: `Cymbal coaster bag

[ ] 1.  MR, 12 dc ........................... 12
[ ] 2.  2 dc in ea st ....................... 24
[ ] 3.  *2 dc in next st, dc* 12 x .......... 36
[ ] 4.  *2 dc in next st, dc in next 2* 12 x  48
[ ] 5.  fpdc around ......................... 48
[ ] 6.  dc around ........................... 48
[ ] 7.  *dc2tog, dc in next 2* 12 x ......... 36
[ ] 8.  sc around ........................... 36
[ ] 9.  crab stitch around .................. 36`,
    makes: '12 24 36 48 48 48 36 36 36',
  },
  {
    name: 'a flap shaped by dec at each end every other row',
    text: `FLAP
Row 1: Join A in the 5th st of the back edge, ch 1, sc in same st and in next 19 sts. Turn. (20 sc)
Row 2: Ch 1, sc in each sc. Turn. (20 sc)
Row 3: Ch 1, sc2tog, sc to last 2 sc, sc2tog. Turn. (18 sc)
Row 4: Ch 1, sc in each sc. Turn. (18 sc)
Rows 5 to 10: Rep last 2 rows three times more. (12 sc)
Row 11: Ch 1, sc in next 4 sc, ch 4, skip 4 sc (buttonhole), sc in last 4 sc. Turn. (8 sc, ch-4 sp)
Row 12: Ch 1, sc in next 4 sc, 4 sc in ch-4 sp, sc in last 4 sc. (12 sc)
Edging: sc evenly down the side, 3 sc in the corner, and up the other side.`,
    makes: '20 20 18 18 16 16 14 14 12 12 12 12',
    beside: 1,
  },
  {
    name: 'spiral with two yarns, tapestry runs in a table of numbers',
    text: `Tapestry band (carry the other yarn inside)
A = Brass, B = Plum
Rnd 1: A, 40 sc around the base. (40)
Rnd 2: [3 A, 1 B] x 10 (40)
Rnd 3: [2 A, 2 B] x 10 (40)
Rnd 4: [1 A, 3 B] x 10 (40)
Rnd 5: 40 B
Rnd 6: [1 A, 3 B] x 10
Rnd 7: [2 A, 2 B] x 10
Rnd 8: [3 A, 1 B] x 10
Rnd 9: 40 A (40)`,
    makes: '40 40 40 40 40 40 40 40 40',
  },
  {
    name: 'rounds grouped by what they do',
    text: `Rnds 1-5, the circle:
1: 6 sc in ring
2: inc around (12)
3: sc, inc, around (18)
4: 2 sc, inc, around (24)
5: 3 sc, inc, around (30)
Rnds 6-12, the wall:
6: sc around in the back loops (30)
7-12: sc around (30)
Rnds 13-15, the neck:
13: 3 sc, dec, around (24)
14: sc around (24)
15: 2 sc, dec, around (18)`,
    makes: '6 12 18 24 30 30 30x6 24 24 18',
  },
  {
    name: 'a strap and a button loop after the body',
    text: `Body. Ch 16.
Row 1: hdc in 3rd ch from hook (2 skipped ch do not count), hdc across. 14 hdc.
Row 2: Ch 2 (does not count), turn, hdc across. 14 hdc.
Row 3 to row 9: Repeat row 2. 14 hdc.
Row 10: Ch 2, turn, hdc2tog, hdc in next 10, hdc2tog. 12 hdc.
Row 11: Repeat row 2. 12 hdc.
Strap. Ch 5.
Row 1: Sc in 2nd ch from hook, sc across. 4 sc.
Row 2: Ch 1, turn, sc across. 4 sc.
Repeat row 2 until the strap measures 90 cm.
Button loop. Ch 10, sl st to first ch.`,
    makes: '14 14 14x7 12 12 4 4',
  },
  {
    name: 'crocodile of commas: no stars, times at the end',
    text: `Rnd 1, magic circle, 6 sc, 6 sts.
Rnd 2, inc six times, 12 sts.
Rnd 3, 1 sc and inc, six times, 18 sts.
Rnd 4, 2 sc and inc, six times, 24 sts.
Rnd 5, sc all round, 24 sts.
Rnd 6, 2 sc and dec, six times, 18 sts.
Rnd 7, 1 sc and dec, six times, 12 sts.
Rnd 8, dec six times, 6 sts.`,
    makes: '6 12 18 24 24 18 12 6',
  },
  {
    name: 'instructions addressed by "next round"',
    text: `Ch 5 and join into a ring.
First round: ch 1, 10 sc into ring, join. 10 sc.
Next round: ch 1, 2 sc into each sc, join. 20 sc.
Next round: ch 1, sc into each sc, join. 20 sc.
Next round: ch 1, *sc into next sc, 2 sc into next sc, rep from * to end, join. 30 sc.
Next 2 rounds: ch 1, sc into each sc, join. 30 sc.
Next round: ch 4 (counts as dc and ch-1), skip 1 sc, *dc into next sc, ch 1, skip 1 sc, rep from * to end, join into 3rd ch of ch 4. 15 dc, 15 ch-1 spaces.
Last round: ch 1, sc into each dc and ch-1 space, join. 30 sc.`,
    makes: '10 20 20 30 30x2 30 30',
  },
  {
    name: 'sizes in a table with bars',
    text: `Finished sizes: A [B, C]
Ch 20 [24, 28]
Row 1: Sc in 2nd ch from hook and each ch to end – 19 [23, 27]
Row 2: Ch 1, turn, sc in each st – 19 [23, 27]
Row 3: Ch 1, turn, sc in next 9 [11, 13] sts, 3 sc in next st, sc in last 9 [11, 13] sts – 21 [25, 29]
Row 4: Ch 1, turn, sc in each st – 21 [25, 29]`,
    makes: '19 19 21 21',
  },
  {
    name: 'corner to corner in blocks, chatty',
    text: `This cushion-bag side is made corner to corner (c2c), so count in blocks.
Row 1: Ch 6, dc in the 4th ch from hook and in the next 2. That is your first block. (1 block)
Row 2: Ch 6, dc in 4th ch and next 2, turn the work, sl st into the ch-3 space of the block before, ch 3, 3 dc in the same space. (2 blocks)
Row 3: Increase as before. (3 blocks)
Row 4: Increase as before. (4 blocks)
Row 5: Decrease at the start, increase at the end. (4 blocks)
Row 6: Decrease at both ends. (3 blocks)
Row 7: Decrease at both ends. (2 blocks)
Row 8: Decrease at both ends. (1 block)`,
    makes: '1 2 3 4 4 3 2 1',
  },
  {
    name: 'two pieces with the same rows, second said by the first',
    text: `FRONT
Ch 26, turn.
Row 1: 25 sc, starting in the second ch from the hook.
Row 2: Turn, ch 1, 25 sc.
Rows 3-10: Repeat row 2.
Row 11: Turn, ch 3 (= dc), dc in the next 24 sts. 25 dc
Row 12: Turn, ch 1, 25 sc.

BACK
Work as the front.

JOINING
Hold front and back together, sc through both layers around three sides: 10 sc down the side, 3 sc in the corner, 23 sc along the bottom, 3 sc in the corner, 10 sc up the side.`,
    makes: '25 25 25x8 25 25',
    beside: 1,
  },
]
