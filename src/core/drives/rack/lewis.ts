/**
 * Lewis form factor Y by number of teeth, 20° full-depth teeth (Shigley, Mechanical Engineering Design, table
 * 14-2). The row of 8 teeth is not in the table: it continues the slope of the first rows and is on the safe
 * side of nothing known, so small pinions are judged with it and a profile shift is not credited.
 */
const table: readonly (readonly [teeth: number, Y: number])[] = [
  [8, 0.181],
  [12, 0.245],
  [13, 0.261],
  [14, 0.277],
  [15, 0.29],
  [16, 0.296],
  [17, 0.303],
  [18, 0.309],
  [19, 0.314],
  [20, 0.322],
  [21, 0.328],
  [22, 0.331],
  [24, 0.337],
  [26, 0.346],
  [28, 0.353],
  [30, 0.359],
  [34, 0.371],
  [38, 0.384],
  [43, 0.397],
  [50, 0.409],
  [60, 0.422],
  [75, 0.435],
  [100, 0.447],
  [150, 0.46],
  [300, 0.472],
  [400, 0.472],
];

/** Form factor between the rows by straight lines. @param teeth 8 or more; beyond the table its ends hold. */
export function lewisFactor(teeth: number): number {
  if (teeth <= table[0]![0]) return table[0]![1];
  for (let i = 1; i < table.length; i++) {
    const [z, y] = table[i]!;
    const [z0, y0] = table[i - 1]!;
    if (teeth <= z) return y0 + ((teeth - z0) / (z - z0)) * (y - y0);
  }
  return table[table.length - 1]![1];
}
