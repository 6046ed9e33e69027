/** What a measured input is called, and what needs saying beside it. */
export interface FieldText {
  readonly label: string;
  readonly help?: string;
}
