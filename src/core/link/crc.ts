/** CRC-16/CCITT-FALSE of ASCII text: polynomial 1021, begins with FFFF, nothing turned round. */
export function crc16(text: string): number {
  let crc = 0xffff;
  for (let i = 0; i < text.length; i++) {
    crc ^= (text.charCodeAt(i) & 0xff) << 8;
    for (let bit = 0; bit < 8; bit++)
      crc = crc & 0x8000 ? ((crc << 1) ^ 0x1021) & 0xffff : (crc << 1) & 0xffff;
  }
  return crc;
}

const hex = (crc: number) => crc.toString(16).toUpperCase().padStart(4, '0');

/** A line with its check behind it. */
export const sealed = (line: string): string => `${line} ^${hex(crc16(line))}`;

export type Opened =
  { readonly ok: true; readonly line: string; readonly checked: boolean } | { readonly ok: false };

/** A line without its check; not ok where the check is there and wrong. */
export function opened(text: string): Opened {
  const at = text.lastIndexOf(' ^');
  if (at < 0) return { ok: true, line: text, checked: false };
  const line = text.slice(0, at);
  return text.slice(at + 2) === hex(crc16(line)) ? { ok: true, line, checked: true } : { ok: false };
}
