/** A file that a record can be saved as: from an address of the server, or by fetching it here. */
export interface ExportFormat {
  name: string
  /** As it stands on its button, such as “Save bundle”. */
  save: string
  /** What it is for, in a line. */
  say: string
  href?: string
  /** The name of the file behind `href`. */
  download?: string
  take?: () => Promise<void>
}
