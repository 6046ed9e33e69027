import type { DoubtCode, DoubtedCheck, MethodId } from '@/core/doubt';
import { materialAt, noneOf } from '@/core/doubt';
import { materials } from '@/core/catalogue';
import type { Project } from '@/core/model';
import { formatNumber } from '@/core/units';
import { inputLabel, placeOfInput } from './labels-machine';
import { wayText } from './names-machine';
import { checkNameOf } from './remedies';

/** What a check asks for, by its code, where its name inside a sentence is too short or not the only one. */
const names: Partial<Record<DoubtCode, string>> = {
  whip: 'Speed before whip',
  dn: 'Speed of the nut',
  'nut-rubbing': 'Rubbing of the nut',
  'torque-rapid': 'Torque at rapid',
  'torque-cut': 'Torque under cut',
  'motor-speed': 'Speed of the motor',
  pulses: 'Pulse rate',
  column: 'Load against buckling',
  drops: 'Stays up without power',
  'thin-self-lock': 'Locks by itself',
  'deep-groove': 'Bearing for thrust',
  'crest-high': 'Current set against the motor’s',
  'driver-small': 'Current of the driver',
  'curve-voltage': 'Voltage of the torque curve',
  'mid-band': 'Mid-band resonance',
  'inertia-ratio': 'Load against the rotor’s inertia',
  'motor-heat': 'Heat of the motor',
  'supply-power': 'Power of the supply',
  regeneration: 'Voltage when braking',
  'ramp-rings': 'Ramps against ringing',
  'lost-motion': 'Lost motion',
  'end-coast': 'Stop without power',
  'end-runaway': 'Stop at rapid',
  'end-lean': 'Stop under the motor',
  'guide-static': 'Load of the carriages',
  uplift: 'Carriages stay down',
  'coupling-runout': 'Run-out of the coupling',
  'rail-height': 'Height of the rails',
  'rail-parallel': 'Rails parallel',
  'rod-sag': 'Sag of the rods',
  'spindle-short': 'Power of the spindle',
  'chip-rubs': 'Chip thick enough',
  'chip-thick': 'Chip not too thick',
  'climb-play': 'Play in climb cutting',
  'cut-faster': 'Feed of the cuts',
  'corner-slow': 'Acceleration in corners',
  'plasma-slow': 'Feed for plasma',
  'plasma-reach': 'Speed for plasma',
  floor: 'Load of the floor',
  'power-short': 'Power of the circuit',
  rocks: 'Weight of the stand',
  tips: 'Stands without tipping',
  'sag-spread': 'Sag over the area',
  accuracy: 'Accuracy',
  'frame-rings': 'Ringing of the frame',
};

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const ends: Record<string, string> = { near: 'near end', far: 'far end' };

/** What a check is about, where it is about more than its axis. */
function aboutText({ axes, brief }: Project, about: string | undefined): string {
  if (!about) return '';
  const named = about.split(' ').map((id) => {
    const axis = axes.find((a) => a.id === id);
    const cut = brief.cuts.find((c) => c.id === id);
    return axis?.name ?? cut?.name ?? ends[id] ?? (id in wayText ? wayText[id as keyof typeof wayText] : id);
  });
  return named.join(', ');
}

/** What a check asks for, and of what: "Torque under cut", "Bed axis". */
export function doubtedText(
  project: Project,
  { code, axisId, found }: Pick<DoubtedCheck, 'code' | 'axisId' | 'found'>,
): { readonly name: string; readonly of: string } {
  const axis = project.axes.find((a) => a.id === axisId)?.name;
  const about = aboutText(project, found.about);
  const name = names[code] ?? capital(checkNameOf(code).replace(/^(the|a) /, ''));
  return { name, of: [axis, about].filter(Boolean).join(', ') || 'Whole machine' };
}

/** An input of a machine that may be off, and where it stands. */
export function doubtfulText(project: Project, path: string): { readonly name: string; readonly of: string } {
  const material = materialAt(path);
  if (material) return { name: `Stiffness of ${materials[material].name.toLowerCase()}`, of: 'Material' };
  if (path.endsWith('.motor.curve')) return { name: 'Torque curve', of: placeOfInput(project, path) };
  // “Its efficiency” stands under its spindle there; here it stands alone.
  const name = inputLabel(path).replace(/^Its (\w)/, (_, letter: string) => letter.toUpperCase());
  return { name, of: placeOfInput(project, path) };
}

/** A chance as it is read: never all, never none, for draws show neither. */
export function chanceText(share: number, draws: number): string {
  if (share >= 1) return `> ${formatNumber(100 * (1 - noneOf(draws)), 4)} %`;
  if (share <= 0) return `< ${formatNumber(100 * noneOf(draws), 2)} %`;
  const digits = share > 0.99 || share < 0.01 ? 2 : 0;
  return `${(100 * share).toFixed(digits)} %`;
}

/** How an input is read at home: what it is called, what is done, what to mind. */
export const methodTexts: Readonly<
  Record<MethodId, { readonly title: string; readonly how: string; readonly mind?: string }>
> = {
  'scale-small': {
    title: 'Kitchen scale',
    how: 'Weigh the part itself, or a metre of the bar and multiply.',
  },
  'scale-large': {
    title: 'Bathroom scale',
    how: 'Weigh it standing on the scale; what is longer rests an end on each of two, and both add up.',
    mind: 'Lift with a second person what is heavier than you carry alone.',
  },
  pull: {
    title: 'Luggage scale',
    how:
      'Motor off the drive: pull the carriage at a crawl with a luggage scale, both ways, three ' +
      'times; take the mean.',
    mind: 'Power off and unplugged; an axis that can drop is propped first.',
  },
  tilt: {
    title: 'Tilt until it slides',
    how: 'Tilt rail and carriage together until it just slides on: friction is rise over run.',
  },
  caliper: { title: 'Caliper', how: 'Three places, the mean of them.' },
  tape: {
    title: 'Tape or steel rule',
    how: 'Read it to the millimetre, from the 100 mm line, not from the hook.',
  },
  turns: {
    title: 'Ten turns',
    how:
      'Turn the screw ten times by a mark on the shaft and measure the way of the nut: a tenth of ' +
      'it is the lead.',
  },
  ohmmeter: {
    title: 'Ohmmeter',
    how: 'One phase, cold, less what the leads read when they touch.',
    mind: 'Motor off its driver; never plug or unplug one under power.',
  },
  bridge: {
    title: 'Bridge meter at 1 kHz',
    how: 'One phase, the rotor turned slowly by hand: take the mean of least and most.',
    mind: 'Motor off its driver.',
  },
  lever: {
    title: 'Lever and spring scale',
    how:
      'A lever of 100 mm on the shaft against a spring scale, at low current; torque is force times ' +
      'lever and grows with current.',
    mind: 'Guard the scale: a lever that slips flies. Stand out of its plane.',
  },
  'clamp-meter': {
    title: 'Current as it flows',
    how:
      'Clamp meter on one phase while it creeps, or the driver’s reference voltage by its sheet: ' +
      'the crest counts.',
    mind: 'Mains are behind the cover of a supply: measure on the low side, hands off the rest.',
  },
  volts: {
    title: 'Volts under load',
    how: 'At the terminals of the driver while all axes move.',
    mind:
      'Probes with covered tips; the low side only. What is wired to mains is for a licensed ' +
      'electrician.',
  },
  push: {
    title: 'Push and indicator',
    how:
      'Push with 100 N by a luggage scale and read an indicator that stands on the part behind; ' +
      'stiffness is force over way.',
    mind: 'Power off.',
  },
  reversal: {
    title: 'Push and pull',
    how: 'Push and pull with 50 N and read an indicator both times: the difference is play.',
    mind: 'Power off.',
  },
  string: {
    title: 'String on the shaft',
    how: 'Wind a string round the shaft and pull it off with a small scale: force times radius.',
  },
  tone: {
    title: 'Tone of the belt',
    how: 'Pluck it and read the pitch with a tuner: tension is line mass × (2 × free length × pitch)².',
    mind: 'Power off.',
  },
  bend: {
    title: 'Known weight in the middle',
    how:
      'Rest the member on two supports, hang a known weight in the middle, read the sag: I follows ' +
      'from W L³/(48 E sag).',
    mind: 'Nothing that you could not catch: feet stay out from under it.',
  },
  feeler: {
    title: 'Straight edge and feeler',
    how: 'Lay a straight edge over both rails and find the gauge that just passes.',
  },
  'plug-meter': {
    title: 'Meter at the socket',
    how:
      'Power in the cut less power in air, times the efficiency, over the material cut in a second: ' +
      'that is the specific force at this chip.',
    mind: 'Guards on, eyes and ears covered; the meter carries the spindle’s power.',
  },
  thermometer: { title: 'Thermometer', how: 'After an hour of work, on the part itself, less the room.' },
  diagonals: {
    title: 'Both diagonals',
    how:
      'Four marks made by the machine, both diagonals measured: half their difference over the ' + 'width.',
  },
  sheet: {
    title: 'Its sheet',
    how: 'Look it up on the sheet of the very part, not of one like it.',
  },
};

/** Which reading is worth what, in one word. */
export const gainText = (gain: number): string =>
  gain > 0.3 ? 'settles much' : gain > 0.08 ? 'settles some' : 'settles little';
