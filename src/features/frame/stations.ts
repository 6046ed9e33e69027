/** The six stations in the order of the work. */
export const stations = ['brief', 'size', 'fit', 'build', 'prove', 'log'] as const;
export type StationId = (typeof stations)[number];

export const stationNames: Record<StationId, string> = {
  brief: 'Brief',
  size: 'Size',
  fit: 'Fit',
  build: 'Build',
  prove: 'Prove',
  log: 'Log',
};

/** Address of a page of a machine. */
export const machineHref = (page: 'machine' | StationId, machine: string, axis?: string): string =>
  `/${page}?m=${encodeURIComponent(machine)}${axis ? `&a=${encodeURIComponent(axis)}` : ''}`;

/**
 * Stands where an axis would in the address: the machine as a whole. No id of an axis can begin with this
 * letter.
 */
export const WHOLE = '~whole';
/** How sure the answers of the whole machine are. */
export const SURE = '~sure';
/** Whole machines beside the plan. */
export const VARIANTS = '~variants';
