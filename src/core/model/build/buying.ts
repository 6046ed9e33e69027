import { z } from 'zod';
import { id, list, maybe, name, text } from '../input';

/** In the builder's own money. */
const money = () => z.number().min(0).max(1e7);
/** In hundredths. */
const percent = () => z.number().min(0).max(200);
const date = () => z.iso.date().nullable();
const pieces = () => z.number().int().min(0).max(100_000);

/** Where a line of the list stands. */
export const partStates = [
  'to-buy',
  'on-hand',
  'ordered',
  'arrived',
  'checked',
  'fitted',
  'refused',
] as const;
export type PartState = (typeof partStates)[number];

/** Who sells; a name is the builder's own text. */
const seller = z.strictObject({
  id,
  name,
  /**
   * For a parcel at all, and for each begun step of weight; a step that is not given: weight costs nothing.
   */
  fixed: money(),
  step: maybe('mass', { above: 0, max: 10_000 }),
  perStep: money(),
  /** Nothing is asked from this sum of goods on; null: always. */
  freeFrom: money().nullable(),
  duty: percent(),
  tax: percent(),
  note: text(500),
});

/** A price that somebody named, of one thing on one day. */
const quote = z.strictObject({
  id,
  /** Key of the line that it is for. */
  line: text(160),
  /** Id of who named it. */
  seller: text(64),
  /** Of one piece or metre. */
  price: money(),
  breaks: list(z.strictObject({ id, from: pieces(), price: money() }), 8),
  /** Pieces in a pack. */
  pack: z.number().int().min(1).max(100_000),
  /** Days until it is here; null: nobody has said. */
  days: z.number().int().min(0).max(1000).nullable(),
  /** When it was named, and how long it stands. */
  date: date(),
  until: date(),
  note: text(300),
});

/**
 * What the builder says of a line of the list. One with a key of the model speaks of what the model asks for;
 * one whose key begins with `own:` is of the builder alone.
 */
const partLine = z.strictObject({
  id,
  key: text(160),
  /** Empty: as the model names it. */
  name: text(120),
  /** Id of the axis it is for, or empty: the machine. Means nothing where the model asks. */
  owner: text(64),
  /** Pieces or metres wanted; null: as many as the model asks. */
  quantity: z.number().min(0).max(100_000).nullable(),
  /** Beyond what is wanted; null: as is usual. */
  spare: pieces().nullable(),
  /** What lies in the drawer already. */
  have: z.number().min(0).max(100_000),
  state: z.enum(partStates),
  /** How many were ordered, or came; means nothing before. */
  count: z.number().min(0).max(100_000),
  /** Quote that it was or will be bought by; empty: the cheapest basket decides. */
  quote: text(64),
  /**
   * As the model asked for it on the day it was ordered, to see what has changed since; empty: not ordered.
   */
  asked: text(600),
  ordered: date(),
  due: date(),
  /** All of it, with its share of shipping and tax. */
  paid: money().nullable(),
  /** Of one piece. */
  mass: maybe('mass', { above: 0, max: 10_000 }),
  /** What can be left out goes by a name of its own and is priced apart; empty: the machine needs it. */
  option: text(60),
  note: text(500),
});

/** What belongs to buying as a whole. */
const buying = z.strictObject({
  /** Day on which all should be here. */
  wantedBy: date(),
  /** Days after which a quote without a date of its own counts as old. */
  staleAfter: z.number().int().min(1).max(1000),
  /** How far quotes may lie apart before a third is worth asking for: dearest over cheapest. */
  farApart: z.number().min(1).max(100),
});

/**
 * From the cabinet, and along an axis: what the cables of its motor and switches are long besides the
 * chain.
 */
const cabling = z.strictObject({
  id,
  /** Id of the axis. */
  axis: text(64),
  /** From the cabinet to the fixed end of the axis's cable chain, or to the motor where it has none. */
  run: maybe('length', { min: 0, max: 100 }),
  /** From the moving end of the last chain to motor or switch. */
  drop: maybe('length', { min: 0, max: 20 }),
});

export const buyingShape = {
  partLines: list(partLine, 4000),
  quotes: list(quote, 6000),
  sellers: list(seller, 60),
  buying,
  cabling: list(cabling, 8),
};

export type PartLine = z.infer<typeof partLine>;
export type QuoteInput = z.infer<typeof quote>;
export type SellerInput = z.infer<typeof seller>;
export type Buying = z.infer<typeof buying>;
export type Cabling = z.infer<typeof cabling>;
