import { Coming } from '@/features/stations';

export const metadata = { title: 'Prove' };

export default function ProvePage() {
  return <Coming station="prove" />;
}
