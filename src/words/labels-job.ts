const NOUGHT =
  'Nought of the work on the machine, from the low soft limit. Empty: in the middle of the travel, the ' +
  'highest move at the upper end.';

/** Inputs of a job, by the pattern of their path. */
export const jobInputs: Record<string, { readonly label: string; readonly help?: string }> = {
  'jobs.N.nought.x': { label: 'Nought X', help: NOUGHT },
  'jobs.N.nought.y': { label: 'Nought Y', help: NOUGHT },
  'jobs.N.nought.z': { label: 'Nought Z', help: NOUGHT },
  'jobs.N.stock.length': { label: 'Stock, length', help: 'Along the bed. Empty: as the brief has it.' },
  'jobs.N.stock.width': { label: 'Stock, width', help: 'Across the bed. Empty: as the brief has it.' },
  'jobs.N.stock.top': {
    label: 'Stock, top',
    help:
      'Above nought of the work. Empty: at nought; as high as the stock is thick where the program stays ' +
      'above nought.',
  },
  'jobs.N.corner.by': {
    label: 'Corners within',
    help: 'By how much the controller may leave a corner to keep its speed. Empty: 0.02 mm, as many come.',
  },
  'jobs.N.corner.ahead': {
    label: 'Moves ahead',
    help: 'Moves that the controller sees, the one in hand counted in. Empty: as its class usually does.',
  },
};
