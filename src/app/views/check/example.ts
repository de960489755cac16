/** A made-up pattern with three faults in it. */
export const examplePattern = `Raffle purse
Base
Rnd 1: 8 sc in magic ring (8)
Rnd 2: 2 sc in each st around (16)
Rnd 3: *sc in next st, 2 sc in next st; rep from * around (24)
Rnd 4: [2 sc, inc] × 8 (32)
Rnd 5: [3 sc, inc] × 8 (42)
Body
Rnds 6–9: sc in each st around (40)
Rnd 10: ch 3 (counts as dc), *sk 1 st, (dc, ch 1, dc) in next st, sk 1 st; rep from * around, sl st to join
Rnd 11: sc in each st and ch-sp around
Rnd 12: *sc in next 5 sts, puff in next st; rep from * around
Fold in half and sew front to back.`
