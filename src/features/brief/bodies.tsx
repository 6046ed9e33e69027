'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import type { WeighedBody } from '@/core/machine';
import {
  type Body,
  capsAt,
  MOST_NAME,
  type Plain,
  type Shape,
  startingBody,
  startingShape,
} from '@/core/model';
import { formatQuantity } from '@/core/units';
import { MachineField, MaterialChoice, SectionFields } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { TextLine } from '@/ui/text-line';
import { bodyName, newNames } from '@/words';
import styles from './brief.module.css';

type Kind = Shape['kind'] | 'weighed';
const kinds: readonly (readonly [Kind, string])[] = [
  ['weighed', 'weighed or guessed'],
  ['member', 'tube, bar, extrusion'],
  ['plate', 'plate'],
  ['motor', 'motor by size'],
  ['spindle', 'spindle by size'],
  ['cable-chain', 'cable chain'],
];
const sizes: Record<Shape['kind'], readonly string[]> = {
  member: ['length', 'count'],
  plate: ['length', 'width', 'thickness', 'count'],
  motor: ['flange', 'length', 'count'],
  spindle: ['diameter', 'length'],
  'cable-chain': ['lineMass', 'length'],
};

interface BodiesProps {
  readonly path: string;
  readonly bodies: readonly Body[];
  readonly weighed: readonly WeighedBody[];
  readonly least: number;
}

/**
 * One list of bodies, each weighed or out of its shape. @param path of the list, from the root of the
 * machine.
 */
export function Bodies({ path, bodies, weighed, least }: BodiesProps) {
  const { project, system, editor } = useMachine();
  const setAll = (next: readonly Body[], label: string) =>
    editor.apply([{ path, value: next as unknown as Plain }], label);
  const say = (kg: number) => formatQuantity('mass', kg, system, 3).text;
  const remove = (body: Body) =>
    setAll(
      bodies.filter((b) => b.id !== body.id),
      `Removed ${body.name}`,
    );
  return (
    <>
      {bodies.map((body, i) => (
        <Fold
          key={body.id}
          lazy
          sign={false}
          level="div"
          className={styles.body}
          summary={
            <span className={styles.line}>
              <span>{body.name}</span>
              <b>{say(weighed.find((w) => w.id === body.id && w.from === 'own')?.mass ?? body.mass.si)}</b>
            </span>
          }
        >
          <BodyFields at={`${path}.${i}`} body={body} />
          <IconAction
            label={`Remove ${body.name}`}
            disabled={bodies.length <= least}
            onAct={() => remove(body)}
          >
            <DeleteIcon fontSize="inherit" />
          </IconAction>
        </Fold>
      ))}
      {weighed
        .filter((w) => w.from === 'structure')
        .map((w) => (
          <p key={w.id} className={styles.derived}>
            <span>{bodyName(w, project.brief.arrangement)}, of the structure</span>
            <b>{say(w.mass)}</b>
          </p>
        ))}
      <Action
        icon={<AddIcon fontSize="inherit" />}
        disabled={bodies.length >= capsAt(path)!.max}
        onAct={() => setAll([...bodies, startingBody(freshId(), newNames.body)], 'Added a body')}
      >
        Add a body
      </Action>
    </>
  );
}

function BodyFields({ at, body }: { at: string; body: Body }) {
  const { editor } = useMachine();
  const { name, shape } = body;
  const kindName = (kind: Kind) => kinds.find(([k]) => k === kind)![1];
  const pick = (kind: Kind) =>
    editor.apply(
      [{ path: `${at}.shape`, value: (kind === 'weighed' ? null : startingShape(kind)) as Plain }],
      `${name}: ${kindName(kind)}`,
    );
  return (
    <>
      <div className={styles.money}>
        <span>Name</span>
        <div>
          <TextLine
            label="Name"
            value={name}
            maxLength={MOST_NAME}
            onText={(text) => editor.apply([{ path: `${at}.name`, value: text }], 'Name of a body')}
          />
        </div>
      </div>
      <Choice label="Mass by" value={shape?.kind ?? 'weighed'} options={kinds} onPick={pick} />
      {!shape && <MachineField path={`${at}.mass`} />}
      {shape?.kind === 'member' && <SectionFields root={`${at}.shape`} name={name} />}
      {shape?.kind === 'plate' && <MaterialChoice path={`${at}.shape.material`} of={name} />}
      {shape && sizes[shape.kind].map((key) => <MachineField key={key} path={`${at}.shape.${key}`} />)}
    </>
  );
}
