import type { Cable, WiringSheet } from '@/core/build';
import { writeTable } from '@/core/formats';
import type { Project } from '@/core/model';
import type { Paper, StackedItem } from '@/core/print';
import { formatNumber, formatQuantity } from '@/core/units';
import {
  cableTitle,
  controllerNames,
  lanePrinciples,
  sectionText,
  signalNames,
  spindlePrinciples,
  stopPrinciples,
  torchPrinciples,
  wireNames,
  wiringCaution,
} from '@/words';
import { stopCircuit } from './stop-circuit';

/** A machine and how it is wired. */
export interface WiringShown {
  readonly project: Project;
  readonly sheet: WiringSheet;
}

/** A cable by its name. */
export function cableName({ project }: WiringShown, cable: Cable): string {
  const axis = project.axes.find((a) => a.id === cable.axis);
  return cableTitle(cable, axis?.name ?? '', (axis?.drive.sets ?? 1) > 1);
}

/** Whether the machine cuts with a torch. */
export const hasTorch = ({ brief }: Project): boolean => brief.work === 'plasma';

/** What is said of a cable: current, wire, loss, fuse, length. */
export function cableNotes(
  { project }: WiringShown,
  { current, advice, length, bends, wires }: Cable,
): string[] {
  const { units } = project;
  const long = length === null ? 'length not known' : formatQuantity('length', length, units, 3).text;
  const signals = project.wiring.signals === 'differential' ? 2 : 1;
  const thin = units === 'metric' ? '0.25 mm²' : 'AWG 24';
  if (current === null || !advice)
    return [`${wires.length * signals} wires of ${thin} or so, shielded; ${long}.`];
  const drop = advice.drop === null ? '' : `, loses ${formatNumber(advice.drop, 2)} V`;
  const fuse = advice.fuse === null ? '' : `, fuse ${formatNumber(advice.fuse, 3)} A`;
  return [
    `${formatNumber(current, 2)} A: ${sectionText(advice.section, units)}${drop}${fuse}; ${long}` +
      `${bends ? '; flexing cable' : ''}.`,
  ];
}

/** Every wire as CSV. */
export function wiringCsv(shown: WiringShown): string {
  const { project, sheet } = shown;
  const rows = sheet.cables.flatMap((c) =>
    c.wires.map((w) => [
      cableName(shown, c),
      w.said?.pin || w.pin,
      wireNames[w.signal],
      w.said?.colour ?? '',
      c.current === null ? '' : Number(c.current.toFixed(2)),
      c.advice ? sectionText(c.advice.section, project.units) : '',
      c.length === null ? '' : Number(c.length.toFixed(2)),
      w.said?.to ?? '',
    ]),
  );
  return writeTable(['cable', 'pin', 'signal', 'colour', 'A', 'wire', 'length m', 'to'], rows);
}

/** The wiring sheet: stop, supplies, cable by cable with its pins, lanes and earth. */
export function wiringItems(shown: WiringShown): readonly StackedItem[] {
  const { project, sheet } = shown;
  const { wiring } = project;
  const torch = hasTorch(project);
  const colour = (said: string | undefined) => (said ? ` (${said})` : '');
  const pins = (c: Cable) => [
    c.wires.map((w) => `${w.said?.pin || w.pin} ${wireNames[w.signal]}${colour(w.said?.colour)}`).join('; ') +
      '.',
  ];
  return [
    {
      heading: 'Emergency stop, as a principle',
      drawing: stopCircuit(torch ? 'Torch' : 'Spindle inverter', wiring.mains),
      notes: [wiringCaution, ...stopPrinciples],
    },
    {
      heading: 'Controller and supplies',
      drawing: null,
      notes: [
        `Controller: ${controllerNames[wiring.controller]}; ` +
          `signals ${signalNames[wiring.signals]}, logic ${wiring.logic ? `${wiring.logic} V` : 'not said'}.`,
        `${sheet.ports.motors} motors, ${sheet.ports.outputs} outputs, ${sheet.ports.inputs} inputs.`,
        ...sheet.supplies.map(
          (s) =>
            `${s.axes.map((id) => project.axes.find((a) => a.id === id)?.name).join(', ')}: ` +
            `${formatNumber(s.voltage, 3)} V, ${formatNumber(s.drawn, 2)} A drawn, ` +
            `${formatNumber(s.thumb, 2)} A by the rule of thumb; ` +
            sectionText(s.advice.section, project.units) +
            `${s.advice.fuse === null ? '' : `, fuse ${formatNumber(s.advice.fuse, 3)} A`}.`,
        ),
      ],
    },
    ...sheet.cables.map((c) => ({
      heading: cableName(shown, c),
      drawing: null,
      notes: [...cableNotes(shown, c), ...pins(c)],
    })),
    {
      heading: torch ? 'Torch' : 'Spindle',
      drawing: null,
      notes: torch ? torchPrinciples : spindlePrinciples,
    },
    { heading: 'Lanes, shields, earth', drawing: null, notes: lanePrinciples },
  ];
}

/** The wiring sheet on paper. */
export async function wiringPdf(
  shown: WiringShown,
  { paper, made }: { readonly paper: Paper; readonly made: Date },
): Promise<ArrayBuffer> {
  const { stackedPdf } = await import('@/core/print');
  return stackedPdf(`${shown.project.name}: wiring`, wiringItems(shown), { paper, made });
}
