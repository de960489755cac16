import type { Manner } from './manner.ts'

/* Bags as they are usually published, twenty rows and more. */
export const magazine: readonly Manner[] = [
  {
    name: 'a market bag from a magazine',
    text: `MARKET BAG
Skill level: easy
Finished size: about 30 cm wide, 35 cm tall, without handles
Yarn: cotton, aran, 200 g in Brass, 50 g in Plum
Hook: 5 mm
Gauge: 14 dc and 8 rounds = 10 cm
Special stitches
Standing dc: begin with a slip knot on the hook, yo, insert hook, complete as dc.
Notes
Ch 3 at the beginning of a round counts as 1 dc.
Join with sl st to the top of ch-3 unless stated otherwise.

Base
With Brass, ch 4, sl st in first ch to form ring.
Round 1: Ch 3, 11 dc in ring; join. (12 dc)
Round 2: Ch 3, dc in same st, 2 dc in each dc around; join. (24 dc)
Round 3: Ch 3, 2 dc in next dc, *dc in next dc, 2 dc in next dc; repeat from * around; join. (36 dc)
Round 4: Ch 3, dc in next dc, 2 dc in next dc, *dc in each of next 2 dc, 2 dc in next dc; repeat from * around; join. (48 dc)
Round 5: Ch 3, dc in each of next 2 dc, 2 dc in next dc, *dc in each of next 3 dc, 2 dc in next dc; repeat from * around; join. (60 dc)

Body
Round 6: Ch 1, sc in same st, *ch 5, skip 2 dc, sc in next dc; repeat from * around to last 2 dc, ch 5, skip last 2 dc; join with sl st to first sc. (20 ch-5 loops)
Round 7: Sl st in next 3 ch, ch 1, sc in same loop, *ch 5, sc in next ch-5 loop; repeat from * around, ch 5; join with sl st to first sc. (20 ch-5 loops)
Rounds 8–15: Repeat Round 7. (20 ch-5 loops)
Round 16: Sl st in next 3 ch, ch 1, 3 sc in same loop, 3 sc in each ch-5 loop around; join with sl st to first sc. (60 sc)
Round 17: Ch 1, sc in each sc around; join. Change to Plum. (60 sc)
Round 18: Ch 1, sc in each of next 10 sc, ch 20, skip 10 sc, sc in each of next 20 sc, ch 20, skip 10 sc, sc in each of last 10 sc; join. (40 sc, 2 ch-20 spaces)
Round 19: Ch 1, sc in each sc and 20 sc in each ch-20 space around; join. (80 sc)
Round 20: Ch 1, sc in each sc around; join. Fasten off. (80 sc)
Finishing
Weave in ends.`,
    makes: '12 24 36 48 60 120 120 120x8 60 60 80 80 80',
  },
  {
    name: 'rectangle clutch with flap, rows, from a blog',
    text: `Hi everyone! This week's free make is a little clutch.

MATERIALS: any aran yarn, 4.5mm hook, button
ABBREVIATIONS: ch = chain, sc = single crochet, hdc = half double crochet, st(s) = stitch(es), sl st = slip stitch

CLUTCH
Row 1: Chain 33. Starting in the 2nd chain from the hook, sc in each ch across. Turn. (32 sc)
Row 2: Ch 1 (doesn't count as a st here or at all). Sc in each st across. Turn. (32 sc)
Row 3: Ch 1. *Sc in the first st, hdc in the next st. Repeat from * across. Turn. (32 sts)
Row 4: Ch 1. *Sc in the hdc, hdc in the sc. Repeat from * across. Turn. (32 sts)
Rows 5–30: Repeat row 4. (32 sts)
Row 31: Ch 1. Sc in each st across. Turn. (32 sc)

FLAP
Row 32: Ch 1. Sc2tog, sc in each st until 2 sts remain, sc2tog. Turn. (30 sc)
Row 33: Ch 1. Sc in each st across. Turn. (30 sc)
Rows 34–39: Repeat rows 32 and 33 three more times. (24 sc)
Row 40: Ch 1. Sc in 10 sts, ch 4, skip 4 sts, sc in 10 sts. Turn. (20 sc + ch 4)
Row 41: Ch 1. Sc in 10 sts, 4 sc into the ch-4 space, sc in 10 sts. Fasten off. (24 sc)

That's it! Fold it up and sew the sides.`,
    makes: '32 32 32 32 32x26 32 30 30 28 28 26 26 24 24 24 24',
  },
  {
    name: 'bobble belt bag, short rounds, joined',
    text: `Notes: the ch 1 at the beginning of rounds is not a stitch. Bobble (bo) – 5 dc tog in one st.
Foundation: with A, ch 48, being careful not to twist, sl st to the first ch.
R1: ch 1, sc in ea ch, sl st to 1st sc. (48)
R2: ch 1, sc in ea st, sl st to 1st sc. (48)
R3: ch 1, *sc in the next 5 sts, bo in the next st* x8, sl st to 1st sc. (48)
R4: as R2.
R5: ch 1, sc in the next 2 sts, *bo in the next st, sc in the next 5 sts* x7, bo in the next st, sc in the last 3 sts, sl st to 1st sc. (48)
R6: as R2.
R7-R14: rep R3-R6 two more times. (48)
R15: ch 1, *sc in the next 4 sts, sc2tog* x8, sl st to 1st sc. (40)
R16: ch 1, sc in ea st, sl st to 1st sc. (40)
R17: ch 1, *sc in the next 3 sts, sc2tog* x8, sl st to 1st sc. (32)
R18: ch 1, sl st loosely in ea st. FO. (32)`,
    makes: '48 48 48 48 48 48 48x8 40 40 32 32',
  },
  {
    name: 'UK oval base tote, tapestry letters',
    text: `This pattern uses UK terms.
Base
Using A, make 21 ch.
Round 1: 1 dc in 2nd ch from hook, 1 dc in each of next 18 ch, 3 dc in last ch, do not turn, work along other side of foundation ch: 1 dc in each of next 18 ch, 2 dc in same ch as first dc, ss to first dc. [42 dc]
Round 2: 1 ch, 2 dc in first dc, 1 dc in each of next 18 dc, 2 dc in each of next 3 dc, 1 dc in each of next 18 dc, 2 dc in each of last 2 dc, ss to first dc. [48 dc]
Body
Round 3: 1 ch, 1 dc blo in each dc, ss to first dc. [48 dc]
Round 4: 1 ch, *1 dc in A, 1 dc in B, 2 dc in A; rep from * to end, ss to first dc. [48 dc]
Round 5: 1 ch, *3 dc in B, 1 dc in A; rep from * to end, ss to first dc. [48 dc]
Rounds 6 to 9: Rep rounds 4 and 5 twice. [48 dc]
Cut B.
Round 10: Using A, 1 ch, 1 dc in each dc, ss to first dc. [48 dc]
Round 11: 1 ch, 1 dc in each of next 8 dc, 12 ch, miss 8 dc, 1 dc in each of next 16 dc, 12 ch, miss 8 dc, 1 dc in each of last 8 dc, ss to first dc. [32 dc, two 12-ch loops]
Round 12: 1 ch, 1 dc in each dc and 12 dc in each 12-ch loop, ss to first dc. [56 dc]
Fasten off.`,
    makes: '42 48 48 48 48 48x4 48 56 56',
  },
  {
    name: 'textured pouch with stitch-count multiples and side labels',
    text: `Pattern repeat: multiple of 3 + 2 (plus 1 for the foundation chain).
Foundation chain: 30.
Row 1 (right side): sc in the second chain from the hook and every chain to the end. – 29 sc
Row 2 (wrong side): ch 1, turn, sc into the first st, *skip two sts, (sc, hdc, dc) all into the next st; repeat from * to the last st, sc into the last st. – 29 sts
Row 3 (RS): ch 1, turn, sc into the first st, *skip two sts, (sc, hdc, dc) all into the next st; repeat from * to the last st, sc into the last st. – 29 sts
Rows 4 – 11: continue in pattern as for row 3. – 29 sts
Row 12 (WS): ch 1, turn, sc into each st. – 29 sc
Row 13 (RS): ch 1, turn, sc2tog, sc into each st up to the last two sts, sc2tog. – 27 sc`,
    makes: '29 29 29 29x8 29 27',
  },
]
