/**
 * Kinds of quantity. Two quantities of one dimension but of different meaning are different kinds: a torque
 * is not an energy, an angular speed is not a frequency, a pulse rate is not a frequency of vibration.
 */
export const kinds = [
  'length',
  'area',
  'mass',
  'time',
  'force',
  'torque',
  'speed',
  'acceleration',
  'jerk',
  'angle',
  'angularSpeed',
  'angularAcceleration',
  'frequency',
  'pulseRate',
  'inertia',
  'voltage',
  'current',
  'resistance',
  'inductance',
  'power',
  'ratio',
  'count',
  'stiffness',
  'torsionalStiffness',
  'temperatureRise',
  'density',
  'modulus',
  'torqueConstant',
  'linearPerTurn',
  'travelPerRadian',
  'pulsesPerLength',
  'thermalExpansion',
  'secondMoment',
  'diameterSpeed',
  'pressureSpeed',
  'rotorTeeth',
  'revolutions',
  'energy',
  'capacitance',
  'linearDensity',
  'bendingStiffness',
  'compliance',
  'removalRate',
  'slope',
] as const;

export type Kind = (typeof kinds)[number];

declare const kindTag: unique symbol;

/** An SI number that knows its kind at compile time. At run time it is a plain number. */
export type Quantity<K extends Kind> = number & { readonly [kindTag]: K };

/** Marks an SI number as a quantity of a kind. The number itself is not changed. */
export function quantity<K extends Kind>(_kind: K, si: number): Quantity<K> {
  return si as Quantity<K>;
}
