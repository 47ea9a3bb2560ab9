/** What more of something is: 1 where a word says that there is more, −1 where less. */
export type Sign = 1 | -1
