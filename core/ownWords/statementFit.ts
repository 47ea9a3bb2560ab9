/** How a statement sits with the data; *open* is what they cannot tell. */
export type StatementFit = 'fits' | 'against' | 'beyond' | 'open'
