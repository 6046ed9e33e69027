'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import ExpandIcon from '@mui/icons-material/ExpandMore';
import EditIcon from '@mui/icons-material/EditOutlined';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import { useState } from 'react';
import { cutLoads, worstCut } from '@/core/machine';
import { machineHref } from '@/features/frame';
import { type Axis, type AxisFieldPath, type Project, startingBody } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { freshId } from '@/session';
import { QuantityField } from '@/ui/quantity-field';
import { AxisField } from './axis-field';
import styles from './panels.module.css';
import type { AxisEditor } from './use-axis-editor';

const first: readonly AxisFieldPath[] = [
  'demands.travel',
  'demands.rapid',
  'demands.feed',
  'demands.acceleration',
];
const further: readonly AxisFieldPath[] = [
  'demands.inclination',
  'loads.counterbalance',
  'demands.jerk',
  'demands.lostMotion',
  'loads.otherDrag',
];

interface PanelProps {
  readonly axis: Axis;
  readonly loaded: Axis;
  readonly project: Project;
  readonly mass: number;
  readonly editor: AxisEditor;
  readonly system: UnitSystem;
}

/** What is asked of the axis, and what it moves. */
export function AskedPanel({ axis, loaded, project, mass, editor, system }: PanelProps) {
  const [masses, setMasses] = useState(false);
  const [more, setMore] = useState(false);
  const shown = formatQuantity('mass', mass, system, 4).text;
  const other = formatQuantity('mass', mass, system === 'metric' ? 'imperial' : 'metric', 3).text;
  const field = (path: AxisFieldPath) => (
    <AxisField key={path} axis={axis} path={path} editor={editor} system={system} />
  );
  return (
    <section aria-labelledby="asked-title">
      <h2 className={styles.heading} id="asked-title">
        Asked of this axis
      </h2>
      {first.map(field)}
      {axis.demands.cuttingFrom === 'cuts' ? (
        <FromCuts axis={axis} loaded={loaded} project={project} editor={editor} system={system} />
      ) : (
        field('demands.cuttingForce')
      )}
      {field('loads.guideDrag')}
      <div className={styles.fold}>
        <button type="button" aria-expanded={masses} onClick={() => setMasses(!masses)}>
          <span>Moving mass</span>
          <b>{shown}</b>
          <small>{other}</small>
          <ExpandIcon fontSize="inherit" data-open={masses || undefined} />
        </button>
        {masses && <Masses axis={axis} loaded={loaded} project={project} editor={editor} system={system} />}
      </div>
      <div className={styles.fold}>
        <button type="button" aria-expanded={more} onClick={() => setMore(!more)}>
          <span>Further</span>
          <b>{axis.demands.inclination.typed}</b>
          <small />
          <ExpandIcon fontSize="inherit" data-open={more || undefined} />
        </button>
        {more && further.map(field)}
      </div>
    </section>
  );
}

/** The cutting force that the brief's cuts give, and a way to type it instead. */
function FromCuts({ axis, loaded, project, editor, system }: Omit<PanelProps, 'mass'>) {
  const { cuts } = project.brief;
  const worst = cuts.find((c) => c.id === worstCut(axis, cutLoads(project.brief)).cutId);
  return (
    <div className={styles.given}>
      <span>Cutting force</span>
      <b>{formatQuantity('force', loaded.demands.cuttingForce.si, system, 3).text}</b>
      <small>
        <Link href={machineHref('brief', project.id)} title={worst ? `Worst: ${worst.name}` : undefined}>
          {cuts.length === 1 ? 'one cut' : `of ${cuts.length} cuts`}
        </Link>
      </small>
      <button
        type="button"
        aria-label="Type the cutting force instead"
        title="Type the force instead"
        onClick={() => editor.apply([{ path: 'demands.cuttingFrom', value: 'typed' }], 'Cutting force typed')}
      >
        <EditIcon fontSize="inherit" />
      </button>
    </div>
  );
}

function Masses({ axis, loaded, project, editor, system }: Omit<PanelProps, 'mass'>) {
  const { masses } = axis.loads;
  const setAll = (next: typeof masses, label: string) =>
    editor.apply([{ path: 'loads.masses', value: next }], label);
  return (
    <div className={styles.inset}>
      {masses.map((body, i) => (
        <div key={body.id} className={styles.body}>
          <BodyName
            name={body.name}
            onName={(name) =>
              setAll(
                masses.map((b) => (b.id === body.id ? { ...b, name } : b)),
                'Name of a body',
              )
            }
          />
          <IconButton
            size="small"
            aria-label={`Remove ${body.name}`}
            disabled={masses.length === 1 && loaded.loads.masses.length === 1}
            title={masses.length === 1 && loaded.loads.masses.length === 1 ? 'Something must move' : 'Remove'}
            onClick={() =>
              setAll(
                masses.filter((b) => b.id !== body.id),
                `Removed ${body.name}`,
              )
            }
          >
            <DeleteIcon fontSize="inherit" />
          </IconButton>
          {body.shape ? (
            <p className={styles.hint}>
              {
                formatQuantity('mass', loaded.loads.masses.find((b) => b.id === body.id)!.mass.si, system, 4)
                  .text
              }{' '}
              out of its shape, see <Link href={machineHref('brief', project.id)}>Brief</Link>.
            </p>
          ) : (
            <QuantityField
              label="Mass"
              kind="mass"
              value={body.mass}
              system={system}
              onText={(text, visit) => editor.type(`loads.masses.${i}.mass`, text, visit)}
              onBasis={(basis) => editor.setBasis(`loads.masses.${i}.mass`, basis)}
            />
          )}
        </div>
      ))}
      {loaded.loads.masses.length > masses.length && (
        <p className={styles.hint}>
          {loaded.loads.masses.length - masses.length} more ride along (
          {
            formatQuantity(
              'mass',
              loaded.loads.masses.slice(masses.length).reduce((sum, b) => sum + b.mass.si, 0),
              system,
              4,
            ).text
          }
          ):{' '}
          {loaded.loads.masses
            .slice(masses.length)
            .map((b) => b.name.toLowerCase())
            .join(', ')}
          .
        </p>
      )}
      <button
        type="button"
        className={styles.add}
        disabled={masses.length >= 200}
        onClick={() => setAll([...masses, startingBody(freshId())], 'Added a body')}
      >
        <AddIcon fontSize="inherit" /> Add a body
      </button>
    </div>
  );
}

/** A name that may be empty while it is typed, but not when it is left. */
function BodyName({ name, onName }: { name: string; onName: (name: string) => void }) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <input
      className={styles.bodyName}
      aria-label="Name of the body"
      value={draft ?? name}
      maxLength={120}
      autoComplete="off"
      onChange={(e) => setDraft(e.target.value)}
      onBlur={() => {
        if (draft?.trim() && draft.trim() !== name) onName(draft.trim());
        setDraft(null);
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
        if (e.key === 'Escape') {
          setDraft(null);
        }
      }}
    />
  );
}
