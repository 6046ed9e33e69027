'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { capsAt, guess, type MaterialId, put, type Structure } from '@/core/model';
import { MachineField, MaterialChoice, SectionFields } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { isArm } from '@/words';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import styles from './whole.module.css';

type Beam = Structure['beam'];
type Strip = Beam['strips'][number];

const fills: readonly (readonly [MaterialId | 'none', string])[] = [
  ['none', 'nothing'],
  ['polymer-concrete', 'polymer concrete'],
  ['birch-plywood', 'wood'],
];
const hollow: readonly string[] = ['rect-tube', 'round-tube', 'plate-box'];
const most = capsAt('structure.beam.strips')!.max;

const nextStrip = (count: number): Strip => ({
  id: freshId(),
  name: `Rail ${count + 1}`,
  material: 'steel',
  width: guess('length', '15 mm'),
  height: guess('length', '13 mm'),
  up: guess('length', '0 mm'),
  out: guess('length', '40 mm'),
});

/** The beam: length, section, filling, and the rails that are bolted on all along. */
export function BeamPanel({ beam }: { beam: Beam }) {
  const { project, editor } = useMachine();
  const { strips } = beam;
  const setStrips = (next: Strip[], label: string) =>
    editor.apply([put('structure.beam.strips', next)], label);
  const fill = (next: MaterialId | 'none') =>
    editor.apply([put('structure.beam.fill', next === 'none' ? null : next)], 'Filling of the beam');
  return (
    <Fold open summary={isArm(project.brief.arrangement) ? 'Arm' : 'Beam'} className={styles.part}>
      <MachineField path="structure.beam.length" />
      <SectionFields root="structure.beam" name="Beam" />
      {hollow.includes(beam.section.kind) && (
        <Choice label="Filled with" value={beam.fill ?? 'none'} options={fills} onPick={fill} />
      )}
      <MachineField path="structure.beam.spacing" />
      {strips.map((strip, i) => (
        <div key={strip.id} className={styles.strip}>
          <b>{strip.name}</b>
          <IconAction
            label={`Remove ${strip.name}`}
            onAct={() =>
              setStrips(
                strips.filter((s) => s.id !== strip.id),
                `Removed ${strip.name}`,
              )
            }
          >
            <DeleteIcon fontSize="inherit" />
          </IconAction>
          <div>
            {(['width', 'height', 'up', 'out'] as const).map((key) => (
              <MachineField key={key} path={`structure.beam.strips.${i}.${key}`} />
            ))}
            <MaterialChoice path={`structure.beam.strips.${i}.material`} of={strip.name} />
          </div>
        </div>
      ))}
      <Action
        icon={<AddIcon fontSize="inherit" />}
        disabled={strips.length >= most}
        onAct={() => setStrips([...strips, nextStrip(strips.length)], 'Rail on the beam')}
      >
        Rail bolted on all along
      </Action>
    </Fold>
  );
}
