import { Coming } from '@/features/stations';

export const metadata = { title: 'Log' };

export default function LogPage() {
  return <Coming station="log" />;
}
