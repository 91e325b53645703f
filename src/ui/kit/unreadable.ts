/** Something stored that this version cannot read: it is named, and can be saved as a file. */
export interface UnreadableRow {
  id: string
  name: string
  why: string
}
