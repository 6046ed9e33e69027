import { z } from 'zod';
import { id, list, text } from '../input';

/** What can be seen of a fault. The order is that of the table. */
export const signs = [
  'reversal-step',
  'grows-with-distance',
  'once-a-screw-turn',
  'once-a-pinion-turn',
  'within-four-steps',
  'one-place',
  'air-run-lost',
  'whole-four-steps',
  'grows-with-reversals',
  'above-a-speed',
  'narrow-band',
  'under-cut',
  'grows-warm',
  'one-side',
  'ends-differ',
  'drag-uneven',
  'marks-part',
  'with-spindle',
  'since-crash',
  'play-felt',
  'plain-ratio',
  'homing-scatters',
  'cured-by-acceleration',
  'cured-by-speed',
  'supply-falls',
  'over-a-tenth',
] as const;
export type Sign = (typeof signs)[number];

/** What the test by hand finds: the link that gives, drags or moves by itself; `nothing` where none does. */
export const handFinds = [
  'nut',
  'bearing',
  'bracket',
  'hub',
  'coupling',
  'belt',
  'mesh',
  'frame',
  'holding',
  'rail-drag',
  'drive-drag',
  'ends',
  'indicator',
  'nothing',
] as const;
export type HandFind = (typeof handFinds)[number];
/** What the builder answered of one axis: whether a sign is there, or what the test by hand found. */
const symptom = z.strictObject({
  id,
  axis: text(64),
  question: z.union([z.enum(signs), z.literal('hand')]),
  answer: z.union([z.enum(['yes', 'no']), z.enum(handFinds)]),
  at: z.iso.datetime(),
});

/** What the document keeps of faults that were seen. */
export const symptomsShape = { symptoms: list(symptom, 400) };

export type SymptomSaid = z.infer<typeof symptom>;
