import { rustingClips } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: rustingClips,
  // Days until it is spotted: oil, tap water, salt water, vinegar.
  found: [null, 5, 3, 2],
  wobble: 0,
  sentences: said(`
    T The clip in vinegar rusted fastest.
    T Clips in oil never rusted in our five days.
    T The clip in vinegar rusted first.
    T The vinegar one went rusty before the salt water one.
    T Salt water rusted the clips faster than tap water.
    T Oil rusted slowest.
    T The clip in the vegetable oil did not rust.
    T White vinegar was quickest to rust.
    T The clip in vinegar went rusty sooner than the one in tap water.
    T Tap water was slower than salt water.
    F Vinegar rusted slowest.
    F The clip in oil rusted first.
    F Tap water rusted faster than salt water.
    F The clip in vinegar never rusted.
    F The liquid made no difference.
    F The clips all rusted at the same time.
    F Salt water was the fastest.
    ? Vinegar smells bad.
    ? Oil keeps the water away from the clip.
    ? Rust is orange.
  `),
  later: said(`
    T Oil stopped the clip from rusting.
    T The clip in vinegar was the rustiest.
    F Oil was the fastest.
    T Oil was the best at stopping rust.
    T The clips in salt water rusted before the clips in tap water.
    T Vinegar made the clip rust quicker than salt water.
    T The clip in tap water took longer to rust than the one in vinegar.
    F The clips in tap water rusted before the clips in salt water.
    F The clip in oil rusted fastest of all.
    F Salt water took the longest to rust.
    F All the clips rusted.
  `),
}
