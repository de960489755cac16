/** Correct patterns written by hand in other styles than the program's, each row with its total. Made up. */
export const handWritten: readonly string[] = [
  `Coaster base
Rnd 1: 12 hdc in magic ring; sl st to join. (12)
Rnd 2: Ch 1, 2 hdc in each st around; join. (24)
Rnd 3: Ch 1, *hdc in next st, 2 hdc in next st; rep from * around. (36)
Rnd 4: Ch 1, *hdc in each of next 2 sts, 2 hdc in next st; rep from * around. (48)
Rnd 5: Ch 1, *sk next st, (hdc, ch 1, hdc) in next st; rep from * around. (72)
Rnd 6: Ch 1, *sc in next hdc, sc in next ch-sp, sc in next hdc; rep from * around. (72)`,
  `Flat panel
Ch 41.
Row 1: Sc in 2nd ch from hook and in each ch across. (40 sc)
Row 2: Ch 1, turn, sc in each st across. (40 sc)
Row 3: Ch 1, turn; sc in first 2 sts, *puff in next st, sc in next 2 sts; rep from * to last 2 sts, sc in last 2 sts. (40)
Row 4: Ch 1, turn, sc in each st across. (40)
Rows 5–10: Rep Rows 3 and 4, ending with a Row 4. (40)
Row 11: Ch 3 (counts as dc), turn, dc in next st, [ch 1, sk 1 st, dc in next st] 19 times. (40)`,
  `Granny band
Ch 6, sl st in first ch to form a ring.
Rnd 1: Ch 1, 16 sc in ring. (16)
Rnd 2: Ch 1, *sc in next st, ch 2, sk 1 st; rep from * around. (24)
Rnd 3: Sl st to join, *3 dc in next ch-2 sp, ch 1; rep from * around. (32)
Rnd 4: *Dc in next 3 dc, 2 dc in next ch-1 sp; rep from * around. (40)`,
  `Oval base
Rnd 1: Ch 35, sc in 2nd ch from hook and in next 32 chs, 3 sc in last ch, working along opposite side of chain, sc in next 32 chs, 2 sc in last ch. (70)
Rnd 2: Inc, sc in next 32 sts, inc in next 3 sts, sc in next 32 sts, inc in next 2 sts. (76)
Rnd 3: Sc in each st around. (76)`,
  `Bag with handles
Rnd 1: 8 sc in magic ring (8)
Rnd 2: inc x 8 (16)
Rnd 3: (sc, inc) x 8 (24)
Rnd 4: (2 sc, inc) 8 times (32)
Rnd 5: [3 sc, inc] around (40)
Rnd 6: [sc 4, inc] around (48)
Rnd 7: sc in back loop only of each st around (48)
Rnds 8-12: sc in each st around (48)
Rnd 13: sc in next 7 sts, ch 12, sk next 10 sts, sc in next 14 sts, ch 12, sk next 10 sts, sc in next 7 sts (52)
Rnd 14: sc in each st and ch around (52)`,
  `Texture sampler
Shell: 5 dc in next st.
V-stitch (vst): (dc, ch 1, dc) in next st.
Ch 26.
Row 1 (RS): Sc in second ch from hook, sc in each ch across. (25)
Row 2 (WS): Ch 1, turn, sc in each st across. (25)
Row 3 (RS): Ch 1, turn, sc in first st, *sk 2 sts, shell, sk 2 sts, sc in next st; rep from * across. (25)
Row 4 (WS): Ch 1, turn, sc in each st across. (25)
Row 5 (RS): Ch 1, turn, sc in next 2 sts, *FPdc around next st, sc in next 2 sts; rep from * to last 2 sts, sc in last 2 sts. (25)
Row 6 (WS): Ch 1, turn, sc2tog, sc in each st to last 2 sts, sc2tog. (23)`,
  `Two-pass mesh
Ch 13.
Forward: Starting in 2nd ch from hook, pull up a loop in each ch across. (12)
Return: yo, pull through 1 loop, *yo, pull through 2 loops; rep from * across. (12)`,
  `Colour rounds
Work with A and B.
Round 1: 6 sc in magic ring with A (6)
Round 2: 2 sc in each st around (12)
Round 3: *sc A in next st, 2 sc B in next st; rep from * around (18)
Round 4: *1 sc A, 1 sc B, 1 sc A; rep from * around, change to B (18)
Round 5: dc2tog around (9)
Round 6: sc in next 4 sts, sc2tog, sc in last 3 sts, fasten off (8)`,
  `Market bag
Materials: 4 mm hook, cotton yarn class 4, 2 balls
Gauge: 18 sts and 20 rows = 4 in

BASE
R1: 6sc in MR (6)
R2: 6inc (12)
R3: (1sc, inc)*6 (18)
R4: (2sc, inc) repeat x6 (24)
R5: (3sc,inc)x6 (30)
R6: 4sc, inc, repeat 6 times (36)
R7: *5sc, inc* repeat from * to * 6 times (42)
R8: [6 sc, inc] repeat 6x (48)
R9: 48 sc (48)
R10: sc around (48)
R11-R14: sc in every stitch around. (48)
R15: (sc 6, dec) * 6 [42]
R16: sc all around 【42】`,
  `Puff tote

Foundation: Ch 61.
Row 1: Sc in 2nd ch from hook and in each ch across: 60 sc. Turn.
Row 2: Ch 1, sc in each st across, turn – 60 sts.
Row 3: Ch 1, *4 sc, puff; repeat from * across, turn. (60 sts, 12 puffs)
Row 4: Ch 1. Sc in each sc and puff across. Turn. (60)
Rows 5 - 8: Repeat rows 3-4 twice.
Row 9: ch 2 (does not count as a stitch), hdc in first st, hdc in each st to end. Turn. 60 hdc
Row 10: ch 2, hdc in the third loop of each st across, turn. (60 hdc)
Row 11: Ch 1, sc in first 10 sts, ch 40, skip 40 sts, sc in last 10 sts. (60)
Row 12: Ch 1, turn, sc in next 10 sts, 40 sc in ch-40 sp, sc in last 10 sts. (60)
Fasten off and weave in ends.`,
  `Shopper in UK terms
Rnd 1: 6 dc into a magic ring. (6 dc)
Rnd 2: 2 dc into each st around. (12 dc)
Rnd 3: *1 dc into next st, 2 dc into next st; repeat from * to end. (18 dc)
Rnd 4: 1 tr into each st to end, ss to first tr. (18 tr)
Rnd 5: Miss 1 st, *5 tr into next st, miss 2 sts; rep from * to last 2 sts, 5 tr into next st, miss 1 st. (30 tr)
Rnd 6: dc2tog around. (15)
Rnd 7: 3 ch (counts as 1 tr), 1 tr into each of next 14 sts, ss into top of 3-ch. (15 tr)
Rnd 8: 1 ch, 1 dc in same place as ss, 1 dc in each tr around, ss into first dc. (15 dc)`,
  `Oval base
With Color A, ch 21.
Round 1: sc in 2nd chain from hook, sc in next 18 chs, 3 sc in last ch. Rotate to work along the bottom of the chain, sc in next 18 ch, 2 sc in the same ch as first sc. Do not join. (42 sc)
Round 2: 2 sc in first st, sc in next 18, 2 sc in each of next 3 sts, sc in next 18, 2 sc in each of next 2 sts. (48)
Round 3: sc 1, inc 1, sc 18, (sc 1, inc 1) 3 times, sc 18, (sc 1, inc 1) twice. (54)
Round 4: working in BLO, sc in each st around. Sl st to first st. (54 sts)
Rounds 5-10: ch 1, sc in each st around, join to first sc with sl st. (54)
Round 11: Change to Color B. ch 1, *sc in next 5 sts, skip next st; rep from * around. (45)
Round 12: ch 1, sc in same st, [ch 2, sk 2 sts, sc in next st] rep around to last 2 sts, ch 2, sk 2, join to first sc. (45)`,
  `Flap in rows
Row 1: Ch 32, hdc in 3rd ch from hook and each ch across. (30 hdc)
Row 2: Ch 2, turn. Hdc in each st across. (30 hdc)
Row 3: Ch 1, turn. Sc in first st, *dc in next st, sc in next st; rep from * to last st, dc in last st. (30)
Row 4: ch 1, turn, *sc in dc, dc in sc; rep from * across. (30)
Row 5: ch 1 and turn, sl st in each st across. (30)
Row 6: Ch 3, turn, sk first st, dc in each remaining st across. (30 dc)
Row 7: Ch 3, turn, dc in next 2 sts, *FPDC around next 2 sts, BPDC around next 2 sts; rep from * to last 3 sts, dc in last 3 sts. (30)
Row 8: ch 1, turn, hdc in each st across, leaving last 5 sts unworked. (25)`,
  `Round in half doubles
Rnd 1: ch 2, 8 hdc in second ch from hook, sl st to first hdc to join. (8 hdc)
Rnd 2: ch 1, 2 hdc in each hdc around, sl st to join. (16 hdc)
Rnd 3: ch 1, (hdc in next hdc, 2 hdc in next hdc) around, sl st to join. (24 hdc)
Rnd 4: ch 1, (hdc in next 2, 2 hdc in next) around, join. 32 hdc
Rnd 5: Ch 1, hdc 3, inc, repeat around. Join. 40 hdc.
Rnd 6: Ch 1. *Hdc in next 4 sts. Hdc inc in next st. Repeat from * around. Sl st to join. (48)
Rnd 7 (spikes): ch 1, *3 sc, spike st in next st 1 row below; rep from * around. (48)
Rnd 8: Ch 1, 1 sc in each st around (= 48 sc)
Rnd 9: (ch 5, sk 3, sl st in next st) 12 times. (12 ch-5 sps)`,
  `## Crossbody pouch

**Special stitches**
Bobble (bo): *yo, insert hook, yo, pull up a loop, yo, pull through 2 loops; rep from * 4 more times in same st, yo, pull through all loops.
Shell (sh): 5 dc in indicated st.
V-st: (dc, ch 2, dc) in same st.

**Body**
Ch 37.
Row 1 (RS): Dc in 4th ch from hook (skipped ch-3 counts as first dc) and in each ch across. (35 dc)
Row 2: Ch 3 (counts as dc now and throughout), turn, dc in next st and in each st across. (35 dc)
Row 3: Ch 1, turn, sc in first st, *bo in next st, sc in next st; rep from * across. (35 sts: 17 bobbles, 18 sc)
Row 4: Ch 3, turn, dc in each st across, ending with dc in top of turning ch. (35)
Row 5: Ch 1, turn, sc in first dc, *sk next 2 dc, sh in next dc, sk next 2 dc, sc in next dc; rep from * to last 4 sts, sc in last 4 sts. (35)
Row 6: Ch 1, turn. Sc across. 35 sc.
Row 7: Ch 4 (counts as dc, ch 1), turn, sk first 2 sts, dc in next st, *ch 1, sk next st, dc in next st; rep from * across. (18 dc, 17 ch-1 sps)
Row 8: Ch 1, turn, sc in first dc, *sc in next ch-1 sp, sc in next dc; rep from * across, working last sc in 3rd ch of turning ch-4. (35 sc)
Row 9: Ch 3, turn, *sk 2 sts, V-st in next st, sk 2 sts; rep from * to last 4 sts, dc in last 4 sts. (29 sts)`,
  `Basket

Rnd 1 - Make a magic ring, ch 1, 6 sc in ring, join. (6)
Rnd 2 - Ch 1, 2 sc in same st and in each st around, join. (12)
Rnd 3 - Ch 1, *1 sc in the next st, 2 sc in the next st, repeat from * around, join with sl st in first sc (18)
Rnd 4 - Ch 1, *1 sc in each of the next 2 sts, 2 sc in next st, repeat from * around, join (24)
Rnd 5 - Ch 1, sc in back loop of each st around, join (24)
Rnds 6 through 9 - Ch 1, sc in each st around, join. (24)
Rnd 10 - Ch 1, sc in first 4 sts, ch 8, skip 4 sts, sc in next 8 sts, ch 8, skip 4 sts, sc in last 4 sts, join. (32 sts)
Rnd 11 - Ch 1, sc in each of first 4 sts, 8 sc in ch-8 sp, sc in each of next 8 sts, 8 sc in ch-8 sp, sc in last 4 sts, join. (32)
Rnd 12 - Sl st in each st around. Fasten off.`,
  `Stepped sampler (multiple of 8 + 3)
With color A, ch 28.
Row 1: Sc in 2nd ch from hook and in each ch to end, turn. (27 sts)
Row 2: Ch 1, sc in each st to end. Change to color B. Turn. (27)
Row 3: With B, ch 1, sc in next 3 sts, *dc in next 3 sts in the row below, sc in next 5 sts; rep from * to end. (27)
Row 4: Ch 1, turn, 27 sc. (27)
Row 5: Ch 1, turn, sc blo in each st across. (27)
Row 6: ch 1, turn; *sc in next st, dc in front loop of next st 2 rows below; rep from * to last st, sc in last st. (27)
Row 7: ch 1, turn, sc3tog, sc to last 3 sts, sc3tog. (23)
Row 8: ch 1, turn, sc in first st, ch 1, sk 1, *sc in next 3 sts, ch 1, sk 1; repeat from * until 1 st remains, sc in last st. (23)`,
  `Strap
Ch 5
Row 1: hdc in 2nd ch from hook and each ch across (4)
Row 2-60: ch 1, turn, hdc in each st across (4)

Bottom panel (make 2)
Row 1: ch 16, hdc in 3rd ch from hook, hdc in next 13 ch (14 hdc)
Row 2: Ch 2, turn, 2 hdc in first st, hdc in next 12 sts, 2 hdc in last st (16)
Row 3: Ch 2, turn, hdc2tog, hdc across to last 2 sts, hdc2tog (14)
Repeat Rows 2 and 3 three more times.
Row 10: Ch 2, turn, hdc in each st across. (14)
Repeat Row 10 until piece measures 20 cm.
Row 15: Ch 1, turn, sc in each st. (14)`,
  `Loops and fans
Rnd 1: With A, ch 4, join with sl st to form ring, ch 3 (counts as dc), 11 dc in ring, sl st to top of ch-3. (12 dc)
Rnd 2: Ch 3, dc in same st, 2 dc in each dc around, join with sl st to top of beg ch-3. (24 dc)
Rnd 3: Ch 3, 2 dc in next dc, *dc in next dc, 2 dc in next dc; rep from * around, join. (36 dc)
Rnd 4: Ch 1, sc in same dc as joining, ch 3, sk 2 dc, *sc in next dc, ch 3, sk 2 dc; rep from * around, join with sl st in first sc. (12 ch-3 loops)
Rnd 5: Sl st in ch-3 sp, ch 3, 4 dc in same sp, 5 dc in each ch-3 sp around, join. (60 dc)
Rnd 6: Ch 1, sc in each dc around. (60 sc)
Rnd 7: Ch 1, [sc in next 8 sts, sc2tog] 6 times. (54 sts)
Rnd 8: Ch 1, *FPdc around the post of next st, BPdc around next st; rep from * around. (54)`,
  `Chainless start
Row 1: 30 fsc. (30)
Row 2: ch 1, turn, *sc, ch 1, sk next st; rep from * to end. (30 sts)
Row 3: ch 1, turn, *sc in ch-1 sp, ch 1, sk sc; rep from * across. (30)
Row 4: ch 2, turn, *2 hdc in next ch-1 sp; rep from * across. (30 hdc)
Row 5: ch 1, turn, *star st, ch 1; rep from * across. (30)
Row 6: ch 1, turn, (sc in next st, tr in next st) across. (30)
Row 7: ch 1, turn, *(sc, ch 2, sc) in next st, sk 1 st; rep from * across. (60)`,
  `Tab in UK terms
Foundation row: ch 15, dc in 4th ch from hook and in each of the remaining 11 ch. (13 dc)
2nd row: 3 ch, turn, miss first tr, 1 tr into each tr to end. (13 tr)
3rd row: 1 ch, turn, 1 dc in each tr to end, working last dc into top of turning chain. (13 dc)
4th - 7th rows: Rep 3rd row. (13 dc)
8th row: 1 ch, *1 dc in each of next 3 dc, miss next dc, rep from * to last dc, 1 dc in last dc. [10 dc]
9th row: 1 ch, 2 dc tog, 1 dc in each dc to last 2 dc, dc2tog. [8 dc]`,
  `Round with spaces
Rnd 1: Ch 3 (does not count as st here and throughout), 12 dc in MR, join in first dc. 12 dc
Rnd 2: Ch 3, 2 dc in each st, join. 24 dc
Rnd 3: Ch 3, *dc, 2 dc in next st* repeat around, join. 36 dc
Rnd 4: Ch 3, (dc in next 2 sts, dc inc) x12, join. 48 dc
Rnd 5: Ch 2, hdc blo around, join. 48
Rnd 6: (puff, ch 1, sk 1) x 24, join to first puff. (24 puffs, 24 ch-1 sps)
Rnd 7: sl st into ch-1 sp, (puff, ch 1) in same sp and in each ch-1 sp around, join. (24 puffs, 24 chs)
Rnd 8: ch 1, 2 sc in each ch-1 sp around. 48 sc
Rnd 9: sc in each of the first 6 sts, *ch 30, sk 12 sts*, sc in next 12 sts, repeat from * to * once, sc in last 6 sts. 84
Rnd 10: sc around, working 1 sc into each st and each ch. 84`,
  `Square (make 6)
With MC, form a magic ring.
Round 1: Ch 3 (counts as first dc throughout), 2 dc in ring, ch 2, *3 dc in ring, ch 2; rep from * 2 more times, join with sl st to top of ch-3. (12 dc, 4 ch-2 sps)
Round 2: Sl st in next 2 dc and in corner ch-2 sp, ch 3, (2 dc, ch 2, 3 dc) in same sp, *ch 1, (3 dc, ch 2, 3 dc) in next ch-2 sp; rep from * twice more, ch 1, join. (24 dc, 4 ch-2 sps, 4 ch-1 sps)
Round 3: Ch 1, sc in each dc, 1 sc in each ch-1 sp and 3 sc in each ch-2 sp around, join. (40 sc)`,
  `Short words
R1 6 sc in magic ring [6]
R2 inc in each st [12]
R3 *sc, inc* x 6 [18]
R4 *2sc, inc* x 6 [24]
R5 *3 sc, inc*, repeat [30]
R6 30 sc [30]
R7 BLO sc in each [30]
R8-9 sc around [30]
R10 (3 sc, dec) x 6 [24]
R11 [sc in next 2 sts, invdec] 6 times [18]
R12 9 dec [9]
R13 *dec x 4, sc* [5]`,
  `Written out
Row 1: Chain 21, sc into the second chain from the hook, then sc into each chain to the end. You should have 20 stitches.
Row 2: Chain 1 and turn your work. Single crochet into each stitch across. (20 stitches)
Row 3: Chain 1, turn. Single crochet 5, change to yarn B, single crochet 10, change to yarn A, single crochet 5. (20)
Row 4: Chain 1, turn. (A) sc 4, (B) sc 12, (A) sc 4. (20)
Row 5: ch 1, turn, A: 5 sc, B: 10 sc, A: 5 sc (20)
Row 6: ch 1, turn, with A sc in next 5, with B sc in next 10, with A sc in last 5 (20)
Row 7: ch 1, turn, sc in first 9 sts, skip 2 sts, sc in last 9 sts
Row 8: ch 1, turn, [1 sc in each of the next 4 sts, 2 sc in the next st] 3 times, 1 sc in each of the last 3 sts. (21 sc)`,
  `Round base
Round 1: in a magic circle, work 8 sc. Do not join. (8)
Round 2: 2 sc in ea st around. (16)
Round 3: *Sc in next st, 2 sc in next st.* Repeat 8 times. (24)
Round 4: (Sc in next 2 sts, 2 sc in next st.) Repeat around. (32)
Round 5: sc in next 3 sts, inc in next st; repeat around (40)
Round 6: Sc in each st around, increasing 8 sts evenly. (48)
Round 7: Working in back loops only, sc in each st around. (48)
Round 8: Working in both loops from now on, sc in each st around. (48)
Rounds 9-14: Repeat Round 8. (48)
Round 15: *Sc in next 6 sts, sc2tog; rep from * 5 times more. (42)
Round 16: sl st in each st around, fasten off.`,
  `Base
Ch 25
Rnd 1: sc in 2nd ch from hook, sc in next 22 ch, 3 sc in last ch, working on opposite side of foundation ch, sc in next 22 ch, 2 sc in last ch. Join to first sc with a sl st. (50 sc)
Rnd 2: Ch 1. 2 sc in same st as join, sc in next 22 sts, 2 sc in each of next 3 sts, sc in next 22 sts, 2 sc in each of next 2 sts. Join. (56 sc)
Rnd 3: Ch 1. Sc in same st. 2 sc in next st. Sc in next 22 sts. (Sc in next st, 2 sc in next st) 3 times. Sc in next 22 sts. (Sc in next st, 2 sc in next st) 2 times. Join. (62 sc)
Rnd 4: Ch 1. Sc in same st and next st, 2 sc in next st, sc in next 22 sts, (sc in next 2 sts, 2 sc in next st) 3 times, sc in next 22 sts, (sc in next 2 sts, 2 sc in next st) twice. Join. (68 sc)

Body
Rnd 5: Ch 1. Sc BLO in each st around. Join. (68)
Rnd 6: Ch 2. *V-st in next st, skip 1 st; repeat from * around. Join to top of first dc. (34 V-sts)
Rnd 7: Sl st to ch-sp. Ch 2. V-st in each V-st around. Join. (34 V-sts)
Rnd 8: Ch 1, sc in each dc and ch-1 sp around. (102)
Rnd 9: ch 1, *sc in next st, sc2tog; rep from * around. (68)

Handles
Rnd 10: Ch 1. Sc in next 11 sts. Ch 50. Skip next 12 sts. Sc in next 22 sts. Ch 50. Skip next 12 sts. Sc in last 11 sts. Join. (44 sc, 2 ch-50 sps)
Rnd 11: Ch 1. Sc in each st and each ch around. Join. (144 sc)`,
  `Edge in UK terms
Foundation: 21 ch.
1st row: 1 dc into 2nd ch from hook, 1 dc into each ch to end, turn. 20 dc.
2nd row: 1 ch, 1 dc into first dc, *1 tr into next dc, 1 dc into next dc; rep from * to last dc, 1 tr into last dc, turn.
3rd row: 1 ch, *1 dc into next tr, 1 tr into next dc; rep from * to end, turn.
4th row: 3 ch, miss first st, *2 tr tog over next 2 sts, 1 ch; rep from * to last st, 1 tr into last st.
5th and 6th rows: 1 ch, 1 dc into each st and 1-ch sp to end.`,
  `Turning chains at the end
Row 1: ch 12, turn
Row 2: sc in 2nd ch from hook, sc across, ch 1, turn (11)
Row 3: sc in each st, ch 1, turn (11)
Row 4: sc inc, sc in next 9, sc inc, ch 1, turn (13)
Row 5: 13 sc, ch 3, turn (13)
Row 6: sk first st, dc in next 12 sts (13)`,
]
