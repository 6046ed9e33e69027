'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import styles from './shell.module.css';

export interface StationLink {
  readonly name: string;
  readonly href: string;
  readonly here: boolean;
}

/** The rail: two edges and a row of bolt holes, lying or standing as its box is. */
function RailDrawing() {
  return (
    <svg stroke="var(--rc-soft)" fill="none">
      <defs>
        <pattern id="rail-holes" width="40" height="40" patternUnits="userSpaceOnUse">
          <circle cx="8" cy="8" r="2.3" stroke="var(--rc-soft)" />
        </pattern>
      </defs>
      <rect width="100%" height="100%" fill="url(#rail-holes)" strokeWidth="2.5" strokeDasharray="none" />
    </svg>
  );
}

/**
 * The rail with its six stations; a carriage marks where you are. On a phone it lies along the lower edge.
 */
export function Shell({
  stations,
  home,
  children,
}: {
  stations: readonly StationLink[];
  home: { href: string; label: string };
  children: ReactNode;
}) {
  const at = stations.findIndex((s) => s.here);
  return (
    <div className={styles.shell}>
      <a className={styles.skip} href="#sheet">
        Skip to the sheet
      </a>
      <nav className={styles.rail} aria-label="Stations">
        <Link className={styles.home} href={home.href} aria-label={home.label}>
          RC
        </Link>
        <ol
          className={styles.stations}
          style={{ '--at': at, '--count': stations.length } as React.CSSProperties}
        >
          <li className={styles.drawn} aria-hidden="true">
            <RailDrawing />
          </li>
          {at >= 0 && (
            <li className={styles.carriage} aria-hidden="true">
              <i />
              <i />
              <i />
              <i />
            </li>
          )}
          {stations.map((s) => (
            <li key={s.name} className={styles.station}>
              <Link
                href={s.href}
                aria-current={s.here ? 'page' : undefined}
                className={s.here ? styles.here : undefined}
              >
                {s.name}
              </Link>
            </li>
          ))}
        </ol>
      </nav>
      <main className={styles.sheet} id="sheet" tabIndex={-1}>
        {children}
      </main>
    </div>
  );
}
