import type { Manner } from './manner.ts'

/* How it is said what stitches go into. */
export const places: readonly Manner[] = [
  {
    name: 'any corner space, this space',
    text: `Square, worked from the middle
Rnd 1: Ch 4, join to make a ring. Ch 3 (counts as dc), 2 dc in ring, ch 2, *3 dc in ring, ch 2; rep from * twice more, join to top of ch 3. (12 dc, 4 ch-2 spaces)
Rnd 2: Join B in any corner space. Ch 3, (2 dc, ch 2, 3 dc) in this space, *ch 1, (3 dc, ch 2, 3 dc) in next corner space; rep from * twice more, ch 1, join to top of ch 3. (24 dc, 4 ch-2 spaces, 4 ch-1 spaces)
Rnd 3: Ch 1, sc in each dc, 1 sc in each ch-1 space and 3 sc in each corner space around, join. (24 + 4 + 12 = 40 sc)`,
    makes: '20 36 40',
  },
  {
    name: 'loops of chain',
    text: `Rnd 1: 16 sc in ring, join.
Rnd 2: Ch 1, sc in first sc, *ch 3, skip next sc, sc in next sc; rep from * to last sc, ch 3, join to first sc. (8 loops)
Rnd 3: Sl st into first loop, ch 1, 3 sc in same loop, 3 sc in each loop around, join. (24 sc)
Rnd 4: Ch 1, sc in each sc around, join. (24 sc)`,
    makes: '16 32 24 24',
  },
  {
    name: 'centre stitch of shells',
    text: `Shell = 5 dc in one stitch
Ch 26.
Row 1: Sc in 2nd ch from hook, *skip 2 chs, shell in next ch, skip 2 chs, sc in next ch; repeat from * to end. (4 shells, 5 sc)
Row 2: Ch 3 (counts as dc), 2 dc in same st, *sc in centre dc of next shell, shell in next sc; repeat from * to last shell, sc in centre dc of last shell, 3 dc in last sc. (25 sts)
Row 3: Ch 1, sc in first dc, *shell in next sc, sc in centre dc of next shell; repeat from * ending with shell in last sc, sc in top of ch 3. (25 sts)`,
    makes: '25 25 25',
  },
  {
    name: 'holes of a mesh',
    text: `Ch 26.
Row 1: Dc in 8th ch from hook, *ch 2, skip 2 ch, dc in next ch; rep from * across. 7 holes.
Row 2: Ch 5 (counts as dc and ch 2), turn, *dc in next dc, ch 2; rep from * to last hole, dc in 3rd ch of turning ch. 7 holes.
Row 3: Ch 3 (counts as dc), turn, *2 dc in next hole, dc in next dc; rep from * across. 22 dc.`,
    makes: '22 22 22',
  },
  {
    name: 'top of the chain named once more',
    text: `Chain 20.
Row 1: Dc in 4th ch from hook (3 skipped ch count as dc), dc in each ch across. 18 dc. Turn.
Row 2: Ch 3 (counts as first dc), dc in next dc and in each dc across, dc in top of beginning ch-3. 18 dc. Turn.
Row 3: Ch 3 (counts as first dc), 2 dc in next dc, dc in each dc to last 2, 2 dc in next dc, dc in 3rd of 3 ch. 20 dc. Turn.
Row 4: Ch 3 (counts as first dc), dc in each dc across, dc in top of 3ch. 20 dc.`,
    makes: '18 18 20 20',
  },
  {
    name: 'spaces between groups',
    text: `Rnd 1: Ch 3, 2 dc in ring, ch 1, (3 dc in ring, ch 1) 5 times, join. 18 dc and 6 ch-1 sp.
Rnd 2: Sl st to first ch-1 sp, ch 3, 2 dc in same sp, 3 dc in same sp, (3 dc, 3 dc) in each ch-1 sp around, join. 36 dc.
Rnd 3: Sl st between 1st and 2nd groups, ch 3, 2 dc in this space, *3 dc between next two groups; rep from * around, join. 36 dc.`,
    makes: '24 36 36',
  },
  {
    name: 'around the opening and down the side',
    text: `Panel
Ch 16.
Row 1: sc in 2nd ch from hook and each ch across. [15]
Rows 2-16: ch 1, turn, sc in each st across. [15]
Edging
Rnd 1: ch 1, sc in each of the next 15 sts, ch 1, 16 sc evenly down the side, ch 1, 15 sc along the bottom, ch 1, 16 sc evenly up the other side, ch 1, join. [66]
Rnd 2: ch 1, sc in each sc and ch around, join. [66]`,
    makes: '15 15x15 66 66',
  },
  {
    name: 'joined in the nth stitch',
    text: `Rnd 1: 24 sc in magic ring. Fasten off. (24 sc)
Rnd 2: Join B with a sl st in the 5th sc. Ch 1, sc in same st and in each st around. Join. (24 sc)
Rnd 3: Join A in any st. Ch 1, *sc in next 3 sts, 2 sc in next st; rep from * 6 times. Join. (30 sc)
Rnd 4: Ch 1, *sc in next 4 sts, 2 sc in next st, rep from * 6 times. Join. (36 sc)`,
    makes: '24 24 30 36',
  },
  {
    name: 'UK spaces',
    text: `Terms are UK.
Rnd 1: 3ch (counts as tr), 15 tr into ring, ss to top of 3ch. 16 tr.
Rnd 2: 4ch (counts as tr and 1ch), *1 tr in next tr, 1ch; rep from * to end, ss to 3rd of 4ch. 16 tr and 16 1ch sps.
Rnd 3: ss into 1ch sp, 3ch, 1 tr in same sp, 2 tr in each 1ch sp to end, ss to top of 3ch. 32 tr.
Rnd 4: 1ch, 1 dc in each tr to end, ss to first dc. 32 dc.`,
    makes: '16 32 32 32',
  },
  {
    name: 'blocks and corner to corner',
    text: `Corner to corner. A block: ch 6, dc in 4th, 5th and 6th ch from hook.
Row 1: one block. (1 block)
Row 2: ch 6, dc in 4th ch from hook and in next 2 ch, turn the first block, sl st in its ch-3 sp, ch 3, 3 dc in same sp. (2 blocks)
Row 3: ch 6, dc in 4th ch from hook and in next 2 ch, (sl st in ch-3 sp of next block, ch 3, 3 dc in same sp) twice. (3 blocks)`,
    makes: '? ? ?',
  },
  {
    name: 'the scale and the eye',
    text: `Special: eye = (hdc, ch 2, hdc) in one st
Rnd 1: 12 sc in ring (12)
Rnd 2: *eye in next st, skip next st; rep from * around (6 eyes)
Rnd 3: *5 hdc in next ch-2 sp; rep from * around (30)
Rnd 4: sc in each st around (30)`,
    makes: '12 24 30 30',
  },
  {
    name: 'twice in each',
    text: `Rd 1: 8 sc in mr (8)
Rd 2: (sc, ch 2) twice in each st (48)
Rd 3: sc in each ch-2 sp around (16)
Rd 4: (hdc, ch 1) in each st around (32)
Rd 5: 2 sc in each ch-1 sp around (32)`,
    makes: '8 48 16 32 32',
  },
  {
    name: 'loops at the end of the row',
    text: `Rnd 1: 6 sc in magic ring (6)
Rnd 2: 2 sc in all sts (12)
Rnd 3: [1 sc, 2 sc in next] till the end (18)
Rnd 4: sc in all sts, in the back loops (18)
Rnd 5: hdc in each st around, tbl (18)
Rnd 6: blo hdc 18 (18)
Rnd 7: 18 scblo (18)
Rnd 8: flhdc in each st (18)`,
    makes: '6 12 18 18 18 18 18 18',
  },
  {
    name: 'same space, same place',
    text: `Ch 5, sl st to first ch to form ring
R1: ch 3 (is dc), 11 dc in ring, ss to 3rd ch (12)
R2: ch 3 (is dc), 1 dc in same place, 2 dc in each of the other 11 sts, ss to 3rd ch (24)
R3: ch 3 (is dc), 2 dc in next st, (1 dc in next st, 2 dc in next st) x 11, ss to 3rd ch (36)
R4: ch 1, 1 sc in same place as ss, 1 sc in each of next 35 sts, ss to first sc (36)`,
    makes: '12 24 36 36',
  },
  {
    name: 'spikes further down',
    text: `Ch 22
Row 1: sc in 2nd ch from hook and each ch across (21)
Rows 2-4: ch 1, sc across (21)
Row 5: change to B, ch 1, sc in next 3 sts, *spike st into row 3, sc in next 2 sts; rep from * to end (21)
Row 6: ch 1, sc across (21)
Row 7: with A, ch 1, sc in 1st st, *sc in st 2 rows below next st, sc in next st; rep from * to end (21)`,
    makes: '21 21x3 21 21 21',
  },
  {
    name: 'last stitch in the foot of the start',
    text: `Ch 20.
Row 1: sc in 2nd ch from hook and in each ch across. (19)
Row 2: ch 3 (counts as dc), turn, dc in the base of ch 3, skip 2 sts, *3 dc in next st, skip 2 sts; repeat from * to last st, 2 dc in last st. (19)
Row 3: ch 1, turn, sc in each dc across, sc in top of ch 3. (19)`,
    makes: '19 19 19',
  },
  {
    name: 'gaps between any two',
    text: `Rnd 1: 3 ch, 19 dc in ring, join with ss (20)
Rnd 2: join B between any two dc, ch 2 (counts as hdc), hdc in same gap, *skip 2 dc, 2 hdc in gap before next dc; rep from * around, join (20)
Rnd 3: ch 1, sc in each hdc around, join (20)`,
    makes: '20 20 20',
  },
  {
    name: 'the V and its chain space',
    text: `V = dc, ch 1, dc in the same stitch
Ch 26
Row 1: sc in 2nd ch from hook and in each ch across. 25 sc
Row 2: ch 3 (counts as dc), turn, skip 1 st, *V in next st, skip 2 sts; rep from * to last 2 sts, skip 1 st, dc in last st.
Row 3: ch 3 (counts as dc), turn, *V in next V's chain space; rep from * to end, dc in top of turning chain.`,
    makes: '25 23 23',
  },
  {
    name: 'under the chain, over the chain',
    text: `Rnd 1: 10 sc in magic ring. ~10~
Rnd 2: *sc in next sc, ch 1; repeat from * around. ~20~
Rnd 3: *sc in sc, sc under the ch; repeat from * around. ~20~
Rnd 4: *2 sc, ch 2, miss 2 sc; repeat from * around. ~20~
Rnd 5: *sc in next 2 sc, 2 sc over the ch-2; repeat from * around. ~20~`,
    makes: '10 20 20 20 20',
  },
  {
    name: 'posts said in several ways',
    text: `Rnd 1: ch 3, 15 dc into ring, join (16)
Rnd 2: ch 2 (counts as bpdc), bpdc in each of next 15 sts, join (16)
Rnd 3: ch 3 (counts as dc), dc in same st, 2 dc in each st around, join (32)
Rnd 4: ch 3 (counts as dc), *1 front post dc round next st, 1 dc in next st; repeat from * to last st, front post dc round last st, join (32)
Rnd 5: ch 1, *dc round the front of the post of next st, sc in next st; repeat from *, join (32)`,
    makes: '16 16 32 32 32',
  },
]
