/** What the server is known to have of a document that every screen may write in. */
export interface Held<Doc> {
  doc: Doc
  version: number
}

/** What was typed here and is not saved yet, and what it was typed on. */
export interface Draft<Doc> extends Held<Doc> {
  base: Doc
}

/** One save: sent again under the same id, it is done once. */
export interface Save<Doc> extends Held<Doc> {
  id: string
}
