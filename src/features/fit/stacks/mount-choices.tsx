'use client';

import { carriageMounts } from '@/core/catalogue';
import type { Axis } from '@/core/model';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';

const forms = { narrow: 'narrow', low: 'narrow, low', flange: 'with flange' } as const;
const rows = [
  ['', 'by its length'],
  ['short', 'short'],
  ['long', 'long'],
] as const;
const nuts = [
  ['', 'not said'],
  ['housing', 'in a housing'],
  ['flange', 'by its flange'],
] as const;

const datums = [
  ['unknown', 'not said'],
  ['plus', 'plus side'],
  ['minus', 'minus side'],
] as const;
const ports = [
  ['unknown', 'not said'],
  ['near', 'near end'],
  ['far', 'far end'],
  ['side', 'side'],
] as const;

/** Which of the usual parts stand on the axis, where one size comes in several forms. */
export function MountChoices({ axis, index }: { axis: Axis; index: number }) {
  const { editor } = useMachine();
  const { guide, drive, fit } = axis;
  const made = guide.size ? carriageMounts(guide.kind, guide.size.si).map((m) => m.form) : [];
  const pick = (field: string, label: string) => (value: string) =>
    editor.apply([{ path: `axes.${index}.fit.mount.${field}`, value: value || null }], label);
  return (
    <>
      {made.length > 1 && (
        <Choice
          label="Carriage"
          value={fit.mount.carriage ?? ''}
          options={[['', 'not said'], ...made.map((form) => [form, forms[form]] as const)]}
          onPick={pick('carriage', 'Form of the carriage')}
        />
      )}
      {made.length > 0 && (
        <Choice
          label="Length"
          value={fit.mount.row ?? ''}
          options={rows}
          onPick={pick('row', 'Short or long carriage')}
        />
      )}
      {made.length > 0 && (
        <>
          <Choice
            label="Datum edge"
            value={fit.mount.datum}
            options={datums}
            onPick={pick('datum', 'Side of the reference edge')}
          />
          <Choice
            label="Grease port"
            value={fit.mount.grease}
            options={ports}
            onPick={pick('grease', 'Where the grease port looks')}
          />
        </>
      )}
      {drive.kind === 'screw' && (
        <Choice
          label="Nut"
          value={fit.mount.nut ?? ''}
          options={nuts}
          onPick={pick('nut', 'How the nut is held')}
        />
      )}
    </>
  );
}
