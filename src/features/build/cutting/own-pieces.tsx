'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import TableCell from '@mui/material/TableCell';
import MuiRow from '@mui/material/TableRow';
import type { SectionPlan } from '@/core/build';
import { estimate, type OwnPiece } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { Fold } from '@/ui/fold';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import { sectionName } from '@/words';
import { useRows } from '../use-rows';

function PieceRow({
  piece,
  at,
  sections,
}: {
  piece: OwnPiece;
  at: number;
  sections: ReadonlyMap<string, string>;
}) {
  const pieces = useRows('ownPieces');
  const set = (field: 'name' | 'section' | 'count', value: string | number, label: string) =>
    pieces.set(piece, field, value, `${label}: ${piece.name}`);
  const byName = new Map([...sections].map(([key, name]) => [name.toLowerCase(), key]));
  return (
    <MuiRow>
      <TableCell component="th" scope="row">
        <TextLine
          label="Name of the piece"
          value={piece.name}
          maxLength={120}
          onText={(v) => set('name', v, 'Name')}
        />
      </TableCell>
      <TableCell data-title="Out of">
        <TextLine
          label={`What ${piece.name} is sawn out of`}
          value={sections.get(piece.section) ?? piece.section}
          maxLength={120}
          onText={(v) => set('section', byName.get(v.toLowerCase()) ?? v, 'Out of')}
        />
      </TableCell>
      <TableCell data-title="Length">
        <MachineField path={`ownPieces.${at}.length`} />
      </TableCell>
      <TableCell data-title="How many">
        <NumberLine
          label={`How many of ${piece.name}`}
          value={piece.count}
          least={1}
          most={500}
          whole
          onNumber={(v) => (v === null ? undefined : set('count', v, 'How many'))}
        />
      </TableCell>
      <TableCell data-title="Mitre">
        <MachineField path={`ownPieces.${at}.mitre`} />
      </TableCell>
      <TableCell>
        <IconAction
          label={`${piece.name} off the list`}
          onAct={() => pieces.remove(piece, `Off the list: ${piece.name}`)}
        >
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </TableCell>
    </MuiRow>
  );
}

/** Pieces that the model does not ask for: a stand, a cover, a frame of mitred tube. */
export function OwnPieces({ plans }: { readonly plans: readonly SectionPlan[] }) {
  const { system } = useMachine();
  const { rows: ownPieces, add: addRow } = useRows('ownPieces');
  const sections = new Map(
    plans.map(({ section }) => [section.key, sectionName(section.kind, section.params, system)]),
  );
  const add = () => {
    const piece: OwnPiece = {
      id: freshId(),
      name: `Piece ${ownPieces.length + 1}`,
      section: plans.find((p) => p.section.kind === 'member')?.section.key ?? 'Tube 40 × 40 × 3',
      length: estimate('length', system === 'metric' ? '500 mm' : '20 in'),
      count: 1,
      mitre: null,
    };
    return addRow(piece, 'A piece');
  };
  return (
    <Fold lazy summary={`Pieces of your own: ${ownPieces.length || 'none'}`}>
      {ownPieces.length > 0 && (
        <CardTable
          label="Pieces of your own"
          titles={['Piece', 'Out of', 'Length', 'How many', 'Mitre']}
          acts
        >
          {ownPieces.map((p, i) => (
            <PieceRow key={p.id} piece={p} at={i} sections={sections} />
          ))}
        </CardTable>
      )}
      <Action onAct={add}>Another piece</Action>
    </Fold>
  );
}
