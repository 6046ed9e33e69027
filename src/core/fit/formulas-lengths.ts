import { defineFormula } from '@/core/worksheet';

const radius = { kind: 'length', tex: 'R', meaning: 'bend of the cable chain' } as const;

export const cableLength = defineFormula({
  id: 'fit/cable-length',
  title: 'Length of a cable chain',
  symbols: {
    stroke: { kind: 'length', tex: 'S', meaning: 'travel of its moving bracket' },
    anchor: { kind: 'length', tex: 'D', meaning: 'fixed end off the middle of that travel' },
    radius,
    pitch: { kind: 'length', tex: 'p', meaning: 'one link' },
  },
  result: {
    kind: 'length',
    tex: 'L_{ch}',
    meaning: 'between its ends, before it is rounded up to whole links',
  },
  tex: '\\frac{<stroke>}{2} + |<anchor>| + \\pi\\,<radius> + 2\\,<pitch>',
  citation: { basis: 'derived', text: 'Half the travel each way, half a turn, and a link at each bracket' },
  range: 'Laid in a trough, without sag. Cables in it want play: fill it by 60 % at most (common practice).',
  evaluate: ({ stroke, anchor, radius: r, pitch }) => stroke / 2 + Math.abs(anchor) + Math.PI * r + 2 * pitch,
});

export const cableBow = defineFormula({
  id: 'fit/cable-bow',
  title: 'How far the bow of a cable chain reaches',
  symbols: {
    length: { kind: 'length', tex: 'L_{ch}', meaning: 'length of the chain' },
    radius,
    bracket: { kind: 'length', tex: 'u', meaning: 'place of its moving bracket' },
    anchor: { kind: 'length', tex: 'x_a', meaning: 'place of its fixed end' },
    height: { kind: 'length', tex: 'h', meaning: 'height of a link' },
  },
  result: { kind: 'length', tex: 'x_b', meaning: 'place of the outermost of its bow' },
  tex: '\\frac{<length> - \\pi\\,<radius> + <bracket> + <anchor>}{2} + <radius> + \\frac{<height>}{2}',
  citation: { basis: 'derived', text: 'Both strands together are the chain less its half turn' },
  range: 'The bow towards larger places. It travels half as far as its bracket.',
  evaluate: ({ length, radius: r, bracket, anchor, height }) =>
    (length - Math.PI * r + bracket + anchor) / 2 + r + height / 2,
});

export const bellowsReach = defineFormula({
  id: 'fit/bellows-reach',
  title: 'Travel between bellows',
  symbols: {
    rail: { kind: 'length', tex: 'L_r', meaning: 'length of the rail, to whose ends they are fixed' },
    span: { kind: 'length', tex: 'L_s', meaning: 'outer span of the carriages' },
    near: { kind: 'length', tex: 'b_1', meaning: 'near bellows pushed together' },
    far: { kind: 'length', tex: 'b_2', meaning: 'far bellows pushed together' },
  },
  result: { kind: 'length', tex: 's_{max}', meaning: 'travel that the bellows allow' },
  tex: '<rail> - <span> - <near> - <far>',
  citation: { basis: 'derived', text: 'Travel chain: what is pushed together at both ends comes off' },
  range: 'Fixed to the plate of the carriages and to the rail ends.',
  evaluate: ({ rail, span, near, far }) => rail - span - near - far,
});

export const toolReach = defineFormula({
  id: 'fit/tool-reach',
  title: 'Stretch of the table that the tool reaches',
  symbols: {
    least: { kind: 'length', tex: 'x_0', meaning: 'middle of the carriages at the near soft limit' },
    most: { kind: 'length', tex: 'x_1', meaning: 'the same at the far one' },
    tool: { kind: 'length', tex: 'a', meaning: 'tool from the middle of the carriages' },
    start: { kind: 'length', tex: 't_0', meaning: 'near edge of the table' },
    table: { kind: 'length', tex: 'L_t', meaning: 'length of the table' },
  },
  result: { kind: 'length', tex: 'w', meaning: 'stretch that is reached' },
  tex: '\\min(<most> + <tool>,\\; <start> + <table>) - \\max(<least> + <tool>,\\; <start>)',
  citation: { basis: 'derived', text: 'What travel and table have in common' },
  range: 'Negative where they have nothing in common. All places counted from the near rail end.',
  evaluate: ({ least, most, tool, start, table }) =>
    Math.min(most + tool, start + table) - Math.max(least + tool, start),
});
