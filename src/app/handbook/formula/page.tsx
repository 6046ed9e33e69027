import { Suspense } from 'react';
import { PickedFormula } from '@/features/handbook';

export const metadata = { title: 'Formula' };

export default function HandbookFormulaPage() {
  return (
    <Suspense fallback={null}>
      <PickedFormula />
    </Suspense>
  );
}
