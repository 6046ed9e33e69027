/** Inputs of what is got and sawn, by the pattern of their path. */
export const buildInputs: Record<string, { readonly label: string; readonly help?: string }> = {
  'partLines.N.mass': {
    label: 'Each weighs',
    help: 'Shipping may go by weight. Empty: as the model has it.',
  },
  'sellers.N.step': {
    label: 'Step of weight',
    help: 'Shipping that goes by weight: for each begun step so much. Empty: weight costs nothing.',
  },
  'cabling.N.run': {
    label: 'From the cabinet',
    help: 'To the fixed end of the first cable chain on the way, or to the motor where there is none.',
  },
  'cabling.N.drop': {
    label: 'Beyond the chain',
    help: 'From the moving end of the last chain to the plug of motor or switch.',
  },
  'bars.N.length': { label: 'Length' },
  'bars.N.firstHole': {
    label: 'First hole',
    help: 'From the raw end to the first hole. Empty: half the pitch; measure it before you saw.',
  },
  'saws.N.kerf': {
    label: 'Kerf',
    help: 'What the saw eats: measure a trial cut, a wheel eats more than it is thick.',
  },
  'saws.N.squared': {
    label: 'Squared end',
    help: 'Sawn off a raw end first. 0: the end serves as it comes.',
  },
  'saws.N.stub': { label: 'Stub', help: 'What the clamp needs to hold at the far end.' },
  'ownPieces.N.length': { label: 'Length', help: 'Of a mitred piece its long side.' },
  'ownPieces.N.mitre': {
    label: 'Mitre, height',
    help: 'Both ends at 45°: height of the section in that plane. Empty: square ends.',
  },
  'remnants.keep': { label: 'Kept from', help: 'Shorter remnants are scrap.' },
  'remnants.worth': {
    label: 'Worth',
    help: 'Share of its price by length that a remnant is worth to you: 0 where you would never use it.',
  },
};
