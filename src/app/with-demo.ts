import { connection } from 'next/server';

/**
 * Whether the demo machines are put into a browser that has none. A server says so when it starts, so that
 * one build serves with them and without; a folder of plain files was told when it was written.
 */
export async function withDemo(): Promise<boolean> {
  if (process.env.RUGGED_CARRIAGE_STATIC !== '1') await connection();
  return process.env.RUGGED_CARRIAGE_DEMO === '1';
}
