'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import IconButton from '@mui/material/IconButton';
import { type CutLoad, forceOverTurn } from '@/core/machine';
import {
  type Cut,
  type MillCut,
  type Project,
  startingCut,
  type StockKind,
  stockForces,
  stockInputs,
  stocks,
} from '@/core/model';
import { formatNumber, formatQuantity } from '@/core/units';
import { MachineChoice, type MachineEditor, MachineField } from '@/features/frame';
import { freshId } from '@/session';
import styles from './brief.module.css';

interface Props {
  readonly project: Project;
  readonly editor: MachineEditor;
  readonly loads: readonly CutLoad[];
  readonly onWorking: (line: string) => void;
}

const kindNames: Record<Cut['kind'], string> = {
  mill: 'Milling',
  plasma: 'Plasma',
  knife: 'Drag knife',
  light: 'Foam, brush, pen',
};
const MOST = 40;

const fieldsOf: Record<Cut['kind'], readonly string[]> = {
  mill: [
    'diameter',
    'flutes',
    'spindle',
    'feed',
    'depth',
    'width',
    'plunge',
    'corner',
    'helix',
    'kc11',
    'exponent',
    'radial',
  ],
  plasma: ['feed', 'corner', 'drag'],
  knife: ['feed', 'corner', 'drag', 'down'],
  light: ['feed', 'corner', 'drag', 'down'],
};

/** The list of cuts; each with what it asks of the machine. */
export function CutList({
  project,
  editor,
  picked,
  loads,
  onPick,
}: Omit<Props, 'onWorking'> & { picked: number; onPick: (index: number) => void }) {
  const { cuts } = project.brief;
  const system = project.units;
  const setAll = (next: readonly Cut[], label: string) =>
    editor.apply([{ path: 'brief.cuts', value: next as never }], label);
  const worst = loads.reduce(
    (w, c, i) =>
      Math.max(c.along, c.across) > Math.max(loads[w]?.along ?? 0, loads[w]?.across ?? 0) ? i : w,
    0,
  );
  return (
    <section aria-labelledby="cuts-title">
      <h2 id="cuts-title">Cuts</h2>
      {!cuts.length && (
        <p className={styles.hint}>
          No cut is given yet: forces on the axes are what was typed there. Add the cuts that you will really
          make, the hardest first.
        </p>
      )}
      <ul className={styles.cuts}>
        {cuts.map((cut, i) => (
          <li key={cut.id} data-here={i === picked || undefined}>
            <button type="button" aria-pressed={i === picked} onClick={() => onPick(i)}>
              <b>{cut.name}</b>
              <span>
                {kindNames[cut.kind].toLowerCase()},{' '}
                {formatQuantity('force', Math.max(loads[i]!.along, loads[i]!.across), system, 3).text}
                {i === worst && cuts.length > 1 ? ', the worst' : ''}
              </span>
            </button>
            <IconButton
              size="small"
              aria-label={`Remove ${cut.name}`}
              onClick={() => {
                setAll(
                  cuts.filter((c) => c.id !== cut.id),
                  `Removed: ${cut.name}`,
                );
                onPick(Math.max(0, i - 1));
              }}
            >
              <DeleteIcon fontSize="inherit" />
            </IconButton>
          </li>
        ))}
      </ul>
      {cuts.length < MOST && (
        <p className={styles.addRow}>
          <AddIcon fontSize="inherit" />{' '}
          {(Object.keys(kindNames) as Cut['kind'][]).map((kind) => (
            <button
              key={kind}
              type="button"
              className={styles.word}
              onClick={() => {
                setAll([...cuts, startingCut(kind, freshId())], `Added: ${kindNames[kind].toLowerCase()}`);
                onPick(cuts.length);
              }}
            >
              {kindNames[kind]}
            </button>
          ))}
        </p>
      )}
      {cuts.length > 0 && <CarriedTo project={project} editor={editor} />}
    </section>
  );
}

/** Which axes take their load from the cuts. */
function CarriedTo({ project, editor }: Pick<Props, 'project' | 'editor'>) {
  return (
    <fieldset className={styles.carried}>
      <legend>The worst of them loads</legend>
      {project.axes.map((axis, i) => (
        <label key={axis.id}>
          <input
            type="checkbox"
            checked={axis.demands.cuttingFrom === 'cuts'}
            onChange={(e) =>
              editor.apply(
                [{ path: `axes.${i}.demands.cuttingFrom`, value: e.target.checked ? 'cuts' : 'typed' }],
                `${axis.name}: cutting force`,
              )
            }
          />{' '}
          {axis.letter} {axis.name}
          {axis.demands.cuttingFrom === 'typed' ? `, ${axis.demands.cuttingForce.typed} typed` : ''}
        </label>
      ))}
    </fieldset>
  );
}

/** Everything about one cut. */
export function CutFields({ project, editor, index }: Pick<Props, 'project' | 'editor'> & { index: number }) {
  const cut = project.brief.cuts[index]!;
  const at = `brief.cuts.${index}`;
  const field = (key: string) => (
    <MachineField key={key} project={project} path={`${at}.${key}`} editor={editor} />
  );
  const pickStock = (stock: StockKind) =>
    editor.apply(
      cut.kind === 'mill'
        ? Object.entries(stockInputs(stock)).map(([key, value]) => ({
            path: `${at}.${key}`,
            value: value as never,
          }))
        : [{ path: `${at}.stock`, value: stock }],
      `${cut.name}: ${stockForces[stock].name.toLowerCase()}`,
    );
  return (
    <section aria-label={cut.name} className={styles.cut}>
      <input
        key={cut.name}
        className={styles.cutName}
        aria-label="Name of the cut"
        defaultValue={cut.name}
        maxLength={120}
        onBlur={(e) => {
          const name = e.target.value.trim();
          if (name && name !== cut.name) editor.apply([{ path: `${at}.name`, value: name }], 'Name of a cut');
          else e.target.value = cut.name;
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') e.currentTarget.blur();
        }}
      />
      <MachineChoice
        label="Material"
        value={cut.stock}
        options={stocks.map((s) => [s, stockForces[s].name.toLowerCase()] as const)}
        onPick={pickStock}
      />
      {cut.kind === 'mill' && (
        <MachineChoice
          label="Way"
          value={cut.way}
          options={[
            ['conventional', 'conventional'],
            ['climb', 'climb'],
          ]}
          onPick={(way) => editor.apply([{ path: `${at}.way`, value: way }], `${cut.name}: ${way}`)}
        />
      )}
      {fieldsOf[cut.kind].map(field)}
      {cut.kind === 'mill' && (
        <p className={styles.hint}>
          Specific force of {stockForces[cut.stock].name.toLowerCase()}: {stockForces[cut.stock].scatter}{' '}
          N/mm², from memory; wood scatters by half. Type your own where you have measured one.
        </p>
      )}
      {cut.kind === 'mill' && cut.way === 'climb' && (
        <p className={styles.hint}>
          Climb leaves the better edge in metal and pulls the axis along; with play larger than a chip it
          snatches. Conventional pushes back and rubs as it starts. Both schools have their work: climb for
          stiff drives without play, conventional for the rest.
        </p>
      )}
    </section>
  );
}

/** Forces over one turn, and what follows from them. */
export function CutAnswer({
  project,
  load,
  cut,
  onWorking,
}: {
  project: Project;
  load: CutLoad;
  cut: Cut;
  onWorking: (line: string) => void;
}) {
  const system = project.units;
  const say = (kind: Parameters<typeof formatQuantity>[0], si: number, digits = 3) =>
    formatQuantity(kind, si, system, digits).text;
  const both = (kind: 'length', si: number) =>
    `${formatQuantity(kind, si, 'metric', 3).text} (${formatQuantity(kind, si, 'imperial', 3).text})`;
  const row = (name: string, value: string, line?: string) => (
    <div key={name}>
      <dt>{name}</dt>
      <dd>
        {line ? (
          <button
            type="button"
            onClick={() => onWorking(`cut.${cut.id}.${line}`)}
            aria-label={`${name}: ${value}. Show the working`}
          >
            {value}
          </button>
        ) : (
          value
        )}
      </dd>
    </div>
  );
  return (
    <section aria-labelledby="answer-title" className={styles.answer}>
      <h2 id="answer-title">What it asks</h2>
      {cut.kind === 'mill' && <TurnDrawing cut={cut} />}
      <dl>
        {cut.kind === 'mill'
          ? [
              row('Chip load', both('length', load.chip), 'chip'),
              row('Of the cutter', `${formatNumber(100 * load.chipShare, 2)} %`),
              row('Peak along the feed', say('force', load.along), 'along'),
              row('Peak across', say('force', load.across), 'across'),
              row('Mean along, across', `${say('force', load.meanAlong)}, ${say('force', load.meanAcross)}`),
              row('Along the spindle', say('force', load.axial), 'axial'),
              row('Power at the cutter', say('power', load.power), 'power'),
              row('Torque', say('torque', load.torque), 'torque'),
              row(
                'Spindle has',
                load.available === null ? 'no spindle given' : say('power', load.available),
                load.available === null ? undefined : 'spindle-power',
              ),
            ]
          : [row('Along the path', say('force', load.along)), row('Pressed down', say('force', load.axial))]}
        {load.corner !== null && row('Tightest corner asks', say('acceleration', load.corner), 'corner')}
      </dl>
      {load.available !== null && load.power > load.available && (
        <p className={styles.hint}>The spindle gives out first: forces are counted up to what it can turn.</p>
      )}
      {load.pulls && (
        <p className={styles.hint}>At some moment of the turn this cut pulls the tool along its feed.</p>
      )}
    </section>
  );
}

const [W, H] = [300, 130];

/** Force along and across the feed over one turn of the cutter. */
function TurnDrawing({ cut }: { cut: MillCut }) {
  const turn = forceOverTurn(cut);
  const most = Math.max(1e-9, ...turn.flatMap((p) => [Math.abs(p.along), Math.abs(p.across)]));
  const x = (t: number) => 34 + t * (W - 44);
  const y = (f: number) => H / 2 - (f / most) * (H / 2 - 14);
  const path = (key: 'along' | 'across') =>
    `M${turn.map((p) => `${x(p.turn).toFixed(1)} ${y(p[key]).toFixed(1)}`).join('L')}`;
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className={styles.turn}
      role="img"
      aria-label={`Forces over one turn, up to ${formatNumber(most, 3)} N`}
    >
      <path d={`M34 ${H / 2}H${W - 8}M34 8V${H - 8}`} stroke="var(--rc-soft)" strokeWidth="0.8" />
      <path d={path('along')} fill="none" stroke="var(--rc-blue)" strokeWidth="1.8" />
      <path d={path('across')} fill="none" stroke="var(--rc-ink)" strokeWidth="1.8" strokeDasharray="5 3" />
      <text x="4" y="18">
        {formatNumber(most, 3)} N
      </text>
      <text x="4" y={H / 2 + 4}>
        0
      </text>
      <text x={W - 8} y="18" textAnchor="end">
        line along, dashes across the feed
      </text>
      <text x={W - 8} y={H - 6} textAnchor="end">
        one turn
      </text>
    </svg>
  );
}
