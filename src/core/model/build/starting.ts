import { guess } from '../guess';
import type { PartLine } from './buying';
import type { Project } from '../document';

type BuildFields = Pick<
  Project,
  | 'partLines'
  | 'quotes'
  | 'sellers'
  | 'buying'
  | 'cabling'
  | 'bars'
  | 'saws'
  | 'ownPieces'
  | 'begunBars'
  | 'remnants'
>;

/** Of a new machine nothing is got and nothing is sawn; a remnant is worth half of what it cost. */
export const startingBuild = (): BuildFields => ({
  partLines: [],
  quotes: [],
  sellers: [],
  buying: { wantedBy: null, staleAfter: 90, farApart: 1.5 },
  cabling: [],
  bars: [],
  saws: [],
  ownPieces: [],
  begunBars: [],
  remnants: { keep: guess('length', '300 mm'), worth: guess('ratio', '0.5') },
});

/** A line of which nothing is said yet. */
export const startingLine = (id: string, key: string): PartLine => ({
  id,
  key,
  name: '',
  owner: '',
  quantity: null,
  spare: null,
  have: 0,
  state: 'to-buy',
  count: 0,
  quote: '',
  asked: '',
  ordered: null,
  due: null,
  paid: null,
  mass: null,
  option: '',
  note: '',
});
