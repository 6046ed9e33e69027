/**
 * A dimension line in the drawing-office manner: extension lines, arrows, the figure standing in the line.
 */
export function Dimension({
  x1,
  x2,
  y,
  from1,
  from2,
  text,
}: {
  x1: number;
  x2: number;
  y: number;
  from1: number;
  from2: number;
  text: string;
}) {
  const width = text.length * 6.4 + 10;
  const middle = (x1 + x2) / 2;
  const inside = x2 - x1 > width + 16;
  const at = inside ? middle : x2 + width / 2 + 6;
  return (
    <g stroke="var(--rc-ink)" strokeWidth="0.8" fill="none">
      <path
        d={`M${x1} ${from1}V${y + (y < from1 ? -5 : 5)}M${x2} ${from2}V${y + (y < from2 ? -5 : 5)}`}
        stroke="var(--rc-soft)"
        strokeWidth="0.6"
      />
      <path d={`M${x1} ${y}H${x2}`} />
      <path d={`M${x1} ${y}l6 -2v4zM${x2} ${y}l-6 -2v4z`} fill="var(--rc-ink)" stroke="none" />
      <rect x={at - width / 2} y={y - 8} width={width} height="16" fill="var(--rc-panel)" stroke="none" />
      <text
        x={at}
        y={y + 4}
        textAnchor="middle"
        fontSize="11.5"
        fontWeight="600"
        fill="var(--rc-ink)"
        stroke="none"
      >
        {text}
      </text>
    </g>
  );
}
