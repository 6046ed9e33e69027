export function killBrowser(folder: string): void;
