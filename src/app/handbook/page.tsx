import { HandbookList } from '@/features/handbook';

export const metadata = { title: 'Handbook' };

export default function HandbookPage() {
  return <HandbookList />;
}
