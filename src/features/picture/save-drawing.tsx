import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import IconButton from '@mui/material/IconButton';
import { memo } from 'react';
import type { Drawing } from '@/core/drawing';
import { drawingSvg, fileName } from '@/core/formats';
import { downloadText } from '@/features/frame';

interface SaveDrawingProps {
  readonly drawing: Drawing;
  /** What the file is called by. */
  readonly name: string;
  /** What the drawing shows, in words. */
  readonly title: string;
}

/** Hands a drawing out as a file. */
export const SaveDrawing = memo(function SaveDrawing({ drawing, name, title }: SaveDrawingProps) {
  const save = () => downloadText(fileName(name, 'svg'), drawingSvg(drawing, title), 'image/svg+xml');
  return (
    <IconButton
      size="small"
      aria-label="Save the drawing as SVG"
      title="Save the drawing as SVG"
      onClick={save}
    >
      <DownloadIcon fontSize="small" />
    </IconButton>
  );
});
