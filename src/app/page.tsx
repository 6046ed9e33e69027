import { withDemo } from '@/app/with-demo';
import { Shelf } from '@/features/shelf';

export default async function HomePage() {
  return <Shelf withDemo={await withDemo()} />;
}
