import { Coming } from '@/features/stations';

export const metadata = { title: 'Fit' };

export default function FitPage() {
  return <Coming station="fit" />;
}
