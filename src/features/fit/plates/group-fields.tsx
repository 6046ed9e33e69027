'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { threads } from '@/core/fit';
import type { PlateGroup } from '@/core/machine';
import { guess, type HolePattern, MOST_NAME, type Plain } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { TextLine } from '@/ui/text-line';
import { headNames, wayNames } from '@/words';
import own from './plates.module.css';

const entries = <K extends string>(names: Record<K, string>) =>
  Object.entries(names) as unknown as readonly (readonly [K, string])[];

type PatternKind = HolePattern['kind'] | 'part';
const patterns: readonly (readonly [PatternKind, string])[] = [
  ['part', 'of the part'],
  ['rect', 'at the corners of a rectangle'],
  ['circle', 'on a circle'],
  ['row', 'in a row'],
  ['single', 'one hole'],
];
const patternFields: Record<HolePattern['kind'], readonly string[]> = {
  rect: ['along', 'across'],
  circle: ['circle', 'count', 'start'],
  row: ['pitch', 'count'],
  single: [],
};

function startingPattern(kind: PatternKind): HolePattern | null {
  switch (kind) {
    case 'part':
      return null;
    case 'rect':
      return { kind, along: null, across: null };
    case 'circle':
      return { kind, circle: null, count: guess('count', '6'), start: guess('angle', '0°') };
    case 'row':
      return { kind, pitch: null, count: guess('count', '3') };
    case 'single':
      return { kind };
  }
}

const threadNames = [['', 'of the part'], ...threads.map((t) => [t.name, t.name] as const)] as const;
const clearances = [
  ['fine', 'close'],
  ['medium', 'usual'],
  ['coarse', 'wide'],
] as const;
const faces = [
  ['front', 'front'],
  ['back', 'back'],
] as const;

/** A part of an axis that runs across this one stands a quarter turned on its plate. */
const turns = [
  ['no', 'as this axis runs'],
  ['quarter', 'a quarter'],
] as const;

interface GroupFieldsProps {
  readonly group: PlateGroup;
  readonly at: string;
  readonly onRemove: () => string | undefined;
}

/** One group of holes: what it joins, how it is drilled, where it lies. */
export function GroupFields({ group, at, onRemove }: GroupFieldsProps) {
  const { editor, project } = useMachine();
  const { input } = group;
  const owners = [
    ['', 'this axis'] as const,
    ...project.axes.filter((_, i) => !at.startsWith(`axes.${i}.`)).map((a) => [a.id, a.name] as const),
  ];
  const set = (field: string, label: string) => (value: string) =>
    editor.apply([{ path: `${at}.${field}`, value }], `${input.name}: ${label}`);
  const field = (name: string) => <MachineField key={name} path={`${at}.${name}`} />;
  return (
    <>
      <div className={own.named}>
        <TextLine
          label="Name of the holes"
          value={input.name}
          maxLength={MOST_NAME}
          onText={set('name', 'name')}
        />
        <IconAction label={`Remove ${input.name}`} onAct={onRemove}>
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </div>
      {input.joins !== 'own' && (
        <>
          <Choice label="Part of" value={input.of} options={owners} onPick={set('of', 'whose part it is')} />
          <Choice label="Turned" value={input.turned} options={turns} onPick={set('turned', 'turned')} />
        </>
      )}
      <p className={own.source}>Pattern: {input.pattern ? 'typed' : group.part.source}.</p>
      <Choice
        label="Pattern"
        value={input.pattern?.kind ?? 'part'}
        options={patterns}
        onPick={(kind) =>
          editor.apply(
            [{ path: `${at}.pattern`, value: startingPattern(kind) as Plain }],
            `${input.name}: pattern`,
          )
        }
      />
      {input.pattern && patternFields[input.pattern.kind].map((name) => field(`pattern.${name}`))}
      {field('hand.along')}
      {field('hand.across')}
      <Choice label="Holes are" value={input.way} options={entries(wayNames)} onPick={set('way', 'holes')} />
      {(input.way === 'clear' || input.way === 'tapped') && (
        <Choice label="Screw" value={input.thread} options={threadNames} onPick={set('thread', 'screw')} />
      )}
      {input.way === 'clear' && (
        <>
          <Choice
            label="Clearance"
            value={input.clearance}
            options={clearances}
            onPick={set('clearance', 'clearance')}
          />
          <Choice label="Head" value={input.head} options={entries(headNames)} onPick={set('head', 'head')} />
          {field('partDepth')}
        </>
      )}
      {(input.way === 'dowel' || input.way === 'plain') && field('diameter')}
      <Choice label="Drilled from" value={input.face} options={faces} onPick={set('face', 'face')} />
      {field('depth')}
      {field('clamps')}
      {field('bore')}
      <Places group={group} at={at} />
    </>
  );
}

/** Where the part stands: as the model has it, or typed. */
function Places({ group, at }: Pick<GroupFieldsProps, 'group' | 'at'>) {
  const { editor } = useMachine();
  const { input, places } = group;
  const set = (value: typeof input.at, label: string) =>
    editor.apply([{ path: `${at}.at`, value: value as unknown as Plain }], `${input.name}: ${label}`);
  const say = (m: number) => `${Number((m * 1000).toFixed(3))} mm`;
  const fixed = (list: readonly { readonly x: number; readonly y: number }[]) =>
    list.map((p) => ({ id: freshId(), x: guess('length', say(p.x)), y: guess('length', say(p.y)) }));
  return (
    <>
      {input.at.map((place, i) => (
        <div key={place.id} className={own.place}>
          <div>
            <MachineField path={`${at}.at.${i}.x`} />
            <MachineField path={`${at}.at.${i}.y`} />
          </div>
          <IconAction
            label={`Remove place ${i + 1} of ${input.name}`}
            onAct={() =>
              set(
                input.at.filter((p) => p.id !== place.id),
                'place',
              )
            }
          >
            <DeleteIcon fontSize="inherit" />
          </IconAction>
        </div>
      ))}
      <Action
        icon={<AddIcon fontSize="inherit" />}
        onAct={() =>
          set(
            [...input.at, ...fixed(input.at.length || !places.length ? [{ x: 0.02, y: 0.02 }] : places)],
            'place',
          )
        }
      >
        {input.at.length || !places.length ? 'Add a place' : 'Say its places yourself'}
      </Action>
    </>
  );
}
