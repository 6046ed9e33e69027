'use client';

import AddIcon from '@mui/icons-material/Add';
import { guess, put, ridesAsPortal, startingCrossbar, startingStructure, type Structure } from '@/core/model';
import { MachineField, SectionFields } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { bodyName, isArm } from '@/words';
import { Action } from '@/ui/action';
import { Fold } from '@/ui/fold';
import { useRefusal } from '@/ui/refusal';
import { Toggle } from '@/ui/toggle';
import { BeamPanel } from './beam-panel';
import { noFrame } from './no-frame';
import { UsualJoint } from './usual-joint';
import styles from './whole.module.css';

const Fields = ({ paths }: { paths: readonly string[] }) => (
  <>
    {paths.map((path) => (
      <MachineField key={path} path={`structure.${path}`} />
    ))}
  </>
);

/** Beam, columns, bed and tool as they are planned; where there are none yet, the way to begin. */
export function StructurePanel() {
  const { project } = useMachine();
  const { structure, brief } = project;
  if (!structure) return <NoStructure />;
  const arm = isArm(brief.arrangement);
  const columns = bodyName({ name: 'columns', from: 'structure' }, brief.arrangement);
  return (
    <section aria-labelledby="structure-title" className={styles.structure}>
      <h2 id="structure-title">Structure</h2>
      <BeamPanel beam={structure.beam} />
      <Fold lazy="screen" className={styles.part} summary={columns}>
        <Fields paths={['column.height']} />
        <SectionFields root="structure.column" name={columns} />
        <Fields paths={['corner']} />
        <UsualJoint of="corner" />
      </Fold>
      <Fold lazy="screen" className={styles.part} summary="Bed">
        <Fields paths={['bed.length']} />
        <SectionFields root="structure.bed" name="Bed" />
        <Fields paths={['bed.supports', 'bed.supportStiffness']} />
      </Fold>
      <Feet feet={structure.feet} />
      {ridesAsPortal(brief.arrangement) && <Crossbar structure={structure} />}
      {arm && <Prop structure={structure} />}
      <Fold open className={styles.part} summary="Tool">
        <Fields
          paths={['tool.reach', 'tool.drop', 'tool.lever', 'tool.plungeStiffness', 'tool.mountStiffness']}
        />
        <UsualJoint of="mount" />
      </Fold>
    </section>
  );
}

const heldWays = [
  ['free', 'stand free'],
  ['bolted', 'bolted down'],
] as const;

/** What the machine stands on, for whether it tips. */
function Feet({ feet }: { feet: Structure['feet'] }) {
  const { editor } = useMachine();
  const { attempt, note } = useRefusal();
  const hold = (held: Structure['feet']['held']) =>
    attempt(() => editor.apply([put('structure.feet.held', held)], 'How the feet are held'));
  return (
    <Fold lazy="screen" className={styles.part} summary="Feet">
      <Toggle label="How the feet are held" options={heldWays} value={feet.held} onPick={hold} />
      {note}
      {feet.held === 'free' ? (
        <Fields paths={['feet.along', 'feet.across', 'feet.height']} />
      ) : (
        <p className={styles.hint}>
          What is bolted down does not tip. Bolts and what they go into must bear it: that is not worked out
          here.
        </p>
      )}
    </Fold>
  );
}

/** A rail under the tip of an arm. */
function Prop({ structure }: { structure: Structure }) {
  const { editor } = useMachine();
  const prop = { at: structure.beam.length, stiffness: guess('stiffness', '20 N/µm') };
  return (
    <Fold lazy="screen" className={styles.part} summary="Prop">
      {structure.prop ? (
        <>
          <Fields paths={['prop.at', 'prop.stiffness']} />
          <Action onAct={() => editor.apply([put('structure.prop', null)], 'Prop taken away')}>
            Take the prop away
          </Action>
        </>
      ) : (
        <Action
          icon={<AddIcon fontSize="inherit" />}
          onAct={() => editor.apply([put('structure.prop', prop)], 'Prop under the tip')}
        >
          A rail under the tip
        </Action>
      )}
    </Fold>
  );
}

/** A bar that ties the feet of a riding portal below the bed. */
function Crossbar({ structure }: { structure: Structure }) {
  const { editor } = useMachine();
  const put = (value: Structure['crossbar'], what: string) =>
    editor.apply([{ path: 'structure.crossbar', value }], what);
  return (
    <Fold lazy="screen" className={styles.part} summary="Bar between the feet">
      {structure.crossbar ? (
        <>
          <SectionFields root="structure.crossbar" name="Bar between the feet" />
          <Action onAct={() => put(null, 'Bar taken away')}>Take the bar away</Action>
        </>
      ) : (
        <Action
          icon={<AddIcon fontSize="inherit" />}
          onAct={() => put(startingCrossbar(), 'Bar between the feet')}
        >
          A bar from foot to foot
        </Action>
      )}
    </Fold>
  );
}

function NoStructure() {
  const { project, editor } = useMachine();
  const begin = () => {
    const travel = (role: string) => project.axes.find((a) => a.role === role)?.demands.travel.si ?? 0.8;
    const begun = startingStructure(travel('gantry'), travel('bed'));
    return editor.apply([put('structure', begun)], 'Structure begun');
  };
  return (
    <section className={styles.structure}>
      <h2>Structure</h2>
      <p className={styles.hint}>{noFrame['no-structure']}</p>
      <Action variant="outlined" onAct={begin}>
        Begin with a usual frame
      </Action>
    </section>
  );
}
