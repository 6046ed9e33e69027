import Link from 'next/link';
import styles from './page-notice.module.css';

export const metadata = { title: 'No such page' };

export default function NotFound() {
  return (
    <main className={styles.notice}>
      <h1>No such page</h1>
      <p>The address leads nowhere here.</p>
      <p>
        <Link href="/">All machines</Link>
      </p>
    </main>
  );
}
