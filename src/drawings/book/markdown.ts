import { drawingSvg } from '@/core/formats';
import type { Book, BookBlock } from '@/core/print';

/** Signs that mean something in Markdown are taken as they stand. */
const plain = (text: string): string => text.replace(/([\\`*_[\]<>#|])/g, '\\$1');
const cell = (text: string): string => plain(text).replace(/\s*\n\s*/g, ' ');

/** An anchor as readers of Markdown make it of a heading. */
const anchorOf = (title: string): string =>
  title
    .toLowerCase()
    .replace(/[^\p{L}\p{N}\s-]/gu, '')
    .trim()
    .replace(/\s/g, '-');

/** Bytes of a text in base 64. */
const inBase64 = (text: string): string => {
  const bytes = new TextEncoder().encode(text);
  return btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''));
};

function blockText(block: BookBlock): string {
  switch (block.is) {
    case 'heading':
      return `### ${cell(block.text)}`;
    case 'text':
      return plain(block.text);
    case 'caution':
      return `> **Caution:** ${plain(block.text).replace(/\n/g, '\n> ')}`;
    case 'list':
      return block.items.map((item) => `- ${cell(item)}`).join('\n');
    case 'table':
      return [
        `| ${block.head.map(cell).join(' | ')} |`,
        `|${block.head.map(() => ' --- |').join('')}`,
        ...block.rows.map((row) => `| ${row.map(cell).join(' | ')} |`),
      ].join('\n');
    case 'drawing': {
      const { drawing, caption } = block;
      const svg = inBase64(drawingSvg(drawing, caption));
      return `![${plain(caption)}](data:image/svg+xml;base64,${svg})`;
    }
  }
}

/** The book as Markdown: contents with links, tables, drawings inside. */
export function bookMarkdown({ title, subtitle, facts, note, chapters }: Book): string {
  const headings = chapters.map((c, i) => `${i + 1} ${c.title}`);
  const parts = [
    `# ${cell(title)}`,
    plain(subtitle),
    facts.map(([name, value]) => `- **${cell(name)}:** ${cell(value)}`).join('\n'),
    plain(note),
    '## Contents',
    headings.map((h) => `- [${cell(h)}](#${anchorOf(h)})`).join('\n'),
    ...chapters.flatMap(({ blocks }, i) => [`## ${cell(headings[i]!)}`, ...blocks.map(blockText)]),
  ];
  return `${parts.join('\n\n')}\n`;
}
