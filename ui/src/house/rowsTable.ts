/** A column of a RowsTable. */
export interface RowsColumn<Row> {
  /** Also the name of the slot that draws its cells. */
  key: string
  title?: string
  /** Figures to compare: flush right, on one line. */
  number?: boolean
  width?: string
  /** What a cell of plain text says. */
  says?: (row: Row) => string | number | null | undefined
}
