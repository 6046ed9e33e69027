import { LogStation } from '@/features/log';

export const metadata = { title: 'Log' };

export default function LogPage() {
  return <LogStation />;
}
