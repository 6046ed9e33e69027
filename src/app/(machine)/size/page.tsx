import { SizeStation } from '@/features/size';

export const metadata = { title: 'Size' };

export default function SizePage() {
  return <SizeStation />;
}
