/** Below which path the application lies; nothing: at the root. The build writes it in. */
export const BASE = process.env.NEXT_PUBLIC_BASE ?? '';
