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
]
