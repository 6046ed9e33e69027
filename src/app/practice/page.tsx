import { withDemo } from '@/app/with-demo';
import { Practise } from '@/features/shelf';

export const metadata = { title: 'Practise' };

export default async function PracticePage() {
  return <Practise withDemo={await withDemo()} />;
}
