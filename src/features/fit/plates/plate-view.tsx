'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { useSearchParams } from 'next/navigation';
import { memo, useMemo, useState } from 'react';
import type { PlateReport } from '@/core/machine';
import { type Joins, MOST_NAME, type PlateInput } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { plateDrawing, plateInWords } from '@/drawings';
import { MachineField, MaterialChoice } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { SaveDrawing } from '@/features/picture';
import { Action, IconAction } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { Fold } from '@/ui/fold';
import { TextLine } from '@/ui/text-line';
import { TitleBlock } from '@/ui/title-block';
import { useAfterPaint } from '@/ui/use-after-paint';
import { useNarrow } from '@/ui/use-narrow';
import { joinsNames, locating, plateKindNames } from '@/words';
import { Answer } from '../answer';
import styles from '../fit.module.css';
import type { FitPage } from '../page';
import { MountChoices } from '../stacks/mount-choices';
import { GroupFields } from './group-fields';
import { GroupTable, HoleTable } from './hole-table';
import { OutlinePicker } from './outline-picker';
import { PlateStrip } from './plate-strip';
import own from './plates.module.css';
import { type PlateEdits, usePlates } from './use-plates';

const WIDTH = { sheet: 400, phone: 240 } as const;
const plateNamed = ({ plates }: FitPage['report'], id: string) =>
  plates.find((p) => p.input.id === id) ?? plates[0];
const makings = [
  ['drill', 'drilled'],
  ['mill', 'milled'],
  ['laser', 'by laser'],
  ['plasma', 'by plasma'],
  ['water', 'by water jet'],
] as const;

/** The plates of an axis: every hole in its place, the screws, and the files for the shop. */
export function PlateView({ axis, index, report, onWorking, views }: FitPage) {
  const edits = usePlates(axis, index);
  const asked = useSearchParams().get('p');
  const [wanted, setWanted] = useState(asked ?? '');
  const [picked, setPicked] = useState<string>();
  const plate = plateNamed(report, wanted);
  // The drawing is painted first; figures, files and findings follow a frame later.
  // What is new stands there at once.
  const followed = useAfterPaint(report);
  const later = followed.plates.length === report.plates.length ? followed : report;
  const { plates } = later;
  const after = plateNamed(later, wanted);
  const held = later.findings.some(
    (f) => f.verdict === 'gives-out' && f.about?.split(' ')[0] === after?.input.id,
  );
  return (
    <>
      <div className={styles.left}>
        <h2 className={styles.heading}>Plates</h2>
        <div className={own.list} role="group" aria-label="Plates of this axis">
          {report.plates.map((p) => (
            <Action key={p.input.id} pressed={p === plate} onAct={() => setWanted(p.input.id)}>
              {p.input.name}
            </Action>
          ))}
          {edits.proposals.map((seed) => (
            <Action key={seed.id} icon={<AddIcon fontSize="inherit" />} onAct={() => edits.take(seed)}>
              {plateKindNames[seed.kind]}
            </Action>
          ))}
          <Action icon={<AddIcon fontSize="inherit" />} onAct={edits.addOwn}>
            One of your own
          </Action>
        </div>
        <Fold open className={styles.part} summary="Which parts stand here">
          <MountChoices axis={axis} index={index} />
        </Fold>
        {plate && (
          <PlateFields
            key={plate.input.id}
            plate={plate}
            at={`axes.${index}.fit.plates.${report.plates.indexOf(plate)}`}
            edits={edits}
            picked={picked}
          />
        )}
      </div>
      <section aria-labelledby="plate-title" className={styles.middle}>
        {views}
        {plate ? (
          <>
            <Sheet key={plate.input.id} {...{ plate, picked }} onPick={setPicked} />
            {after && <PlateFigures plate={after} picked={picked} />}
            {after && <PlateStrip plate={after} held={held} />}
          </>
        ) : (
          <p>
            Take up one of the plates that the parts ask for: its outline and every hole come out of the
            model, with the screws that fit, and go out as DXF, SVG, a template in true size, a drill list or
            a machining sheet.
          </p>
        )}
        {locating.map(({ title, text }) => (
          <Fold key={title} className={styles.part} summary={`To find the place: ${title.toLowerCase()}`}>
            <p>{text}</p>
          </Fold>
        ))}
      </section>
      <Answer
        view="plates"
        title="Before you drill"
        calm="Every hole can be made, reached and screwed into."
        unknown={unknownOf(plates)}
        report={later}
        onWorking={onWorking}
      >
        {after && <PlateBlock plate={after} />}
      </Answer>
    </>
  );
}

/** What of the plates is not known; undefined where all is. */
function unknownOf(plates: readonly PlateReport[]): string | undefined {
  if (!plates.length) return 'No plate is drawn yet.';
  const groups = plates.flatMap((p) => p.groups.map((g) => [p.input.name, g] as const));
  const placeless = groups.find(([, g]) => !g.holes.length);
  if (placeless)
    return `${placeless[0]}: where the holes of group ${placeless[1].letter} lie is not known yet.`;
  const unscrewed = groups.find(([, g]) => g.thread && !g.screw);
  return unscrewed
    ? `${unscrewed[0]}: how deep the screws of group ${unscrewed[1].letter} go is not known: say the ` +
        'thread in the part, or what they clamp.'
    : undefined;
}

interface PlateFieldsProps {
  readonly plate: PlateReport;
  readonly at: string;
  readonly edits: PlateEdits;
  readonly picked: string | undefined;
}

const joinable: readonly (readonly [Joins | '', string])[] = [
  ['', 'choose'],
  ...(Object.entries(joinsNames) as [Joins, string][]),
];

/** What a plate is made from, and its groups of holes. */
function PlateFields({ plate, at, edits, picked }: PlateFieldsProps) {
  const { editor } = useMachine();
  const { input } = plate;
  const set = (field: keyof PlateInput, label: string) => (value: string) =>
    editor.apply([{ path: `${at}.${field}`, value }], `${input.name}: ${label}`);
  return (
    <>
      <Fold open className={styles.part} summary="The plate">
        <div className={own.named}>
          <TextLine
            label="Name of the plate"
            value={input.name}
            maxLength={MOST_NAME}
            onText={set('name', 'name')}
          />
          <IconAction label={`Remove ${input.name}`} onAct={() => edits.remove(input.id)}>
            <DeleteIcon fontSize="inherit" />
          </IconAction>
        </div>
        {(['thickness', 'along', 'across'] as const).map((field) => (
          <MachineField key={field} path={`${at}.${field}`} />
        ))}
        <OutlinePicker input={input} at={at} />
        <MaterialChoice path={`${at}.material`} of={input.name} />
        <Choice label="Made" value={input.made} options={makings} onPick={set('made', 'making')} />
      </Fold>
      {plate.groups.map((g, i) => (
        <Fold
          key={`${g.input.id} ${picked === g.letter}`}
          lazy
          open={picked === g.letter}
          className={styles.part}
          summary={`${g.letter} ${g.input.name}`}
        >
          <GroupFields
            group={g}
            at={`${at}.groups.${i}`}
            onRemove={() => edits.removeGroup(input.id, g.input.id)}
          />
        </Fold>
      ))}
      <Choice
        label="Add holes for"
        value=""
        options={joinable}
        onPick={(joins) => (joins ? edits.addGroup(input.id, joins) : undefined)}
      />
      <Action icon={<AddIcon fontSize="inherit" />} onAct={() => edits.addDowels(plate)}>
        Two dowels, at opposite corners
      </Action>
    </>
  );
}

interface SheetProps {
  readonly plate: PlateReport;
  readonly picked: string | undefined;
  readonly onPick: (letter: string) => void;
}

/** The plate from the front. */
function Sheet({ plate, picked, onPick }: SheetProps) {
  const { system } = useMachine();
  const width = useNarrow() ? WIDTH.phone : WIDTH.sheet;
  const shown = useMemo(() => ({ plate, system, width, picked }), [plate, system, width, picked]);
  const drawing = useMemo(() => plateDrawing(shown), [shown]);
  const words = plateInWords(shown);
  return (
    <>
      <h2 className={styles.heading} id="plate-title">
        {plate.input.name} <small>from the front; press a group for its places</small>
      </h2>
      <div className={styles.paper}>
        <DrawingView
          drawing={drawing}
          label={words}
          className={styles.drawing}
          onPick={(layer) => layer.startsWith('hole ') && onPick(layer.slice(5))}
        />
        <SaveDrawing drawing={drawing} name={plate.input.name} title={words} />
      </div>
    </>
  );
}

/** Its groups in figures, and the places of the picked one. */
const PlateFigures = memo(function PlateFigures({ plate, picked }: Omit<SheetProps, 'onPick'>) {
  const group = plate.groups.find((g) => g.letter === picked);
  return (
    <>
      <GroupTable plate={plate} picked={picked} />
      {group && <HoleTable group={group} />}
    </>
  );
});

function PlateBlock({ plate }: { plate: PlateReport }) {
  const { system } = useMachine();
  const say = (m: number | null) => (m === null ? 'not said' : formatQuantity('length', m, system, 4).text);
  const count = plate.groups.length;
  return (
    <TitleBlock
      cells={[
        { label: 'Along', value: say(plate.along) },
        { label: 'Across', value: say(plate.across) },
        { label: 'Thick', value: say(plate.thickness) },
        { label: 'Holes', value: String(plate.holes.length) },
        { label: 'Groups', value: String(count) },
        { label: 'Make', value: plate.mirrors ? 'one drawing' : 'left and right' },
      ]}
    />
  );
}
