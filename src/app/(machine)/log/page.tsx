import { LogStation } from '../parts';

export const metadata = { title: 'Log' };

export default function LogPage() {
  return <LogStation />;
}
