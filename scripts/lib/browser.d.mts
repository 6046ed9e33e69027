export const chromiumPath: string;
export const chromiumArgs: string[];
