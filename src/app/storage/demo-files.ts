import beaterTote from '@demo/beater-tote.json' with { type: 'json' }
import drumStickRoll from '@demo/drum-stick-roll.json' with { type: 'json' }
import marchBookSatchel from '@demo/march-book-satchel.json' with { type: 'json' }
import musicStandBag from '@demo/music-stand-bag.json' with { type: 'json' }
import mutePouch from '@demo/mute-pouch.json' with { type: 'json' }
import raffleBag from '@demo/raffle-bag.json' with { type: 'json' }

/** The demo bags. The last is brought last, and so lies first. */
export const demoFiles: readonly unknown[] = [
  mutePouch,
  drumStickRoll,
  marchBookSatchel,
  musicStandBag,
  raffleBag,
  beaterTote,
]
