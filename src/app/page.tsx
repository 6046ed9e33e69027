import { Shelf } from '@/features/shelf';

// Read at run time: the same build serves with the demo and without.
export const dynamic = 'force-dynamic';

export default function HomePage() {
  return <Shelf withDemo={process.env.RUGGED_CARRIAGE_DEMO === '1'} />;
}
