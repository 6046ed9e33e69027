import { Suspense } from 'react';
import { PickedGuide } from '@/features/handbook';

export const metadata = { title: 'How it is done' };

export default function HandbookGuidePage() {
  return (
    <Suspense fallback={null}>
      <PickedGuide />
    </Suspense>
  );
}
