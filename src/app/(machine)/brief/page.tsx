import { BriefStation } from '@/features/brief';

export const metadata = { title: 'Brief' };

export default function BriefPage() {
  return <BriefStation />;
}
