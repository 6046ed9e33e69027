/** What a measured input is called, and what helps who does not know it. */
export interface InputText {
  readonly label: string;
  readonly help?: string;
}
