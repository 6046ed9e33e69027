import { Practise } from '@/features/shelf';

export const metadata = { title: 'Practise' };

// Read at run time: the same build serves with the demo and without.
export const dynamic = 'force-dynamic';

export default function PracticePage() {
  return <Practise withDemo={process.env.RUGGED_CARRIAGE_DEMO === '1'} />;
}
