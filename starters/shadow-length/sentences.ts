import { shadowLength } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: shadowLength,
  found: [60, 44, 30, 18],
  wobble: 1,
  sentences: said(`
    T The closer the lamp, the longer the shadow.
    T The shadow was longest when the lamp was nearest.
    T The further away the lamp, the shorter the shadow.
    T When the lamp was further away the shadow got shorter.
    T 30 cm made the longest shadow.
    T At 120 cm the shadow was shortest.
    T The shadow at 60 cm was longer than the shadow at 90 cm.
    T Moving the lamp away made the shadow smaller.
    T A nearer lamp made a longer shadow.
    T The shadow shrank when the lamp was further away.
    T The shadow was bigger when the light was closer.
    T The lamp distance changed the shadow length.
    T the shadow was the shortist when the lamp was furthest
    F The further away the lamp, the longer the shadow.
    F The shadow was shortest when the lamp was nearest.
    F 120 cm made the longest shadow.
    F The shadow got longer when the lamp was further away.
    F The shadow stayed the same length.
    F The lamp distance made no difference.
    F The shadow at 90 cm was longer than at 60 cm.
    F A closer lamp made a shorter shadow.
    F The shadow didn't get shorter when the lamp was further away.
    ? Light travels in straight lines.
    ? Shadows are longest in the evening.
    ? Near the lamp it was warmest.
  `),
  later: said(`
    T The further the lamp, the shorter the shadow.
    T When you move the lamp closer the shadow gets longer.
    T Close lamps make long shadows.
    T The shadow gets smaller the further away the lamp is.
    T If the lamp is near, the shadow is long.
    F The nearer the lamp the shorter the shadow.
    F The shadow grew when the lamp went further away.
    T When the lamp was closest the shadow was longest.
    T The shadow gets shorter as the lamp moves away.
    T The nearer it is the bigger the shadow.
    T 120 cm had a shorter shadow than 30 cm.
    T The shadow was small when the lamp was far away.
    F The shadow gets longer as the lamp moves away.
    F When the lamp was furthest the shadow was longest.
    F The shadow was long when the lamp was far away.
    F 90 cm had the shortest shadow.
  `),
}
