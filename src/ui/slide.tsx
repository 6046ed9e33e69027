'use client';

import Slider from '@mui/material/Slider';
import { useId } from 'react';
import styles from './slide.module.css';

interface SlideProps {
  readonly label: string;
  readonly value: number;
  readonly max: number;
  readonly step: number;
  readonly onSlide: (value: number) => void;
  /** The value in words. */
  readonly text: string;
  readonly showText?: boolean;
}

/** A value that is dragged. */
export function Slide({ label, value, max, step, onSlide, text, showText = false }: SlideProps) {
  const id = useId();
  return (
    <div className={styles.slide}>
      <span id={id}>{label}</span>
      <Slider
        size="small"
        min={0}
        max={max}
        step={step}
        value={value}
        aria-labelledby={id}
        aria-valuetext={text}
        onChange={(_, next) => onSlide(typeof next === 'number' ? next : (next[0] ?? 0))}
      />
      {showText && <b>{text}</b>}
    </div>
  );
}
