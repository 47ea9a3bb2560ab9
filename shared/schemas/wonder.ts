import { noteKinds, questionSorts, wonderLimits } from '#core/wonder'
import { id, line, openLine } from './common'
import { choice, object, orNull, yesOrNo } from './typed'

export const noteFields = {
  kind: choice(...noteKinds),
  text: line(wonderLimits.noteLetters),
  sort: orNull(choice(...questionSorts)),
  settled: yesOrNo(),
}

/** A note without its identifier, which is in the address. */
export const noteSchema = object(noteFields)

export const stimulusSchema = object({
  text: openLine(wonderLimits.stimulusLetters),
  picture: orNull(id),
})
