/** Hands a text to the user as a file. */
export const downloadText = (name: string, text: string, type = 'application/json'): void =>
  downloadData(name, text, type);

/** Hands text or bytes to the user as a file. */
export function downloadData(name: string, data: string | ArrayBuffer, type: string): void {
  const url = URL.createObjectURL(new Blob([data], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser reads the blob after the click returns; a second is ample and then the memory is given back.
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}
