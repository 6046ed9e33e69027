import { SizeStation } from '../parts';

export const metadata = { title: 'Size' };

export default function SizePage() {
  return <SizeStation />;
}
