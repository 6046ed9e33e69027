import { Coming } from '@/features/stations';

export const metadata = { title: 'Build' };

export default function BuildPage() {
  return <Coming station="build" />;
}
