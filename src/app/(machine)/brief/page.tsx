import { Coming } from '@/features/stations';

export const metadata = { title: 'Brief' };

export default function BriefPage() {
  return <Coming station="brief" />;
}
