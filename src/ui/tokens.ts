/** Colours of the sheet, for paper and for slate. Contrast of text on its ground is 4.5 or better. */
export const tokens = {
  light: {
    ground: '#efebe0',
    sheet: '#fbf9f3',
    panel: '#ffffff',
    ink: '#1c2830',
    soft: '#5d5c52',
    rule: '#d8d1bd',
    hair: '#e9e4d5',
    blue: '#22378c',
    blueWash: '#e2e6f4',
    green: '#2a6a49',
    greenWash: '#e3eee6',
    amber: '#8a570d',
    amberWash: '#f6ecd8',
    red: '#a32c1c',
    redWash: '#f9e6e1',
    steel: '#dcd8cb',
  },
  dark: {
    ground: '#141b21',
    sheet: '#1b242c',
    panel: '#202b34',
    ink: '#ece9df',
    soft: '#a9b2b6',
    rule: '#40505c',
    hair: '#2c3944',
    blue: '#a9b9ff',
    blueWash: '#2a3560',
    green: '#86cba5',
    greenWash: '#20382d',
    amber: '#e5b567',
    amberWash: '#3d3220',
    red: '#f3957f',
    redWash: '#472a25',
    steel: '#37454f',
  },
} as const;

export type Scheme = keyof typeof tokens;

/** The tokens of a scheme as CSS custom properties (`--rc-ink`, ...). */
export const cssVariables = (scheme: Scheme): Record<string, string> =>
  Object.fromEntries(
    Object.entries(tokens[scheme]).map(([name, value]) => [
      `--rc-${name.replace(/[A-Z]/g, (c) => `-${c.toLowerCase()}`)}`,
      value,
    ]),
  );

export const fonts = {
  text: "'Atkinson Hyperlegible Next Variable', 'Signs', 'Segoe UI', sans-serif",
  label: "'Barlow Condensed', 'Signs', 'Arial Narrow', sans-serif",
} as const;
