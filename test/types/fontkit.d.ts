declare module 'fontkit' {
  /** A face; `characterSet`: the code points that it has a glyph for. */
  export function create(file: Buffer): { readonly characterSet: readonly number[] };
}
