import { guess } from '../guess';
import type { StepSaid } from './assembly';
import type { PartLine } from './buying';
import type { WorkTime } from './calendar';
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
  | 'assembly'
  | 'steps'
  | 'covers'
  | 'calendar'
  | 'workTimes'
  | 'otherDays'
  | 'sentEntries'
  | 'wiring'
  | 'wirePins'
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
  assembly: { trial: true, painted: [] },
  steps: [],
  covers: [],
  calendar: { start: null, hands: 'one', workshop: 20 },
  workTimes: usualTimes(),
  otherDays: [],
  sentEntries: [],
  wiring: { controller: '', signals: '', logic: 0, plug: '', mains: 0 },
  wirePins: [],
});

/** Evenings of the week and most of a Saturday and a Sunday, as builders have them. */
const usualTimes = (): WorkTime[] =>
  [1, 2, 3, 4, 5, 6, 7].map((day) => ({
    id: `day-${day}`,
    day,
    from: day > 5 ? '10:00' : '19:00',
    to: day > 5 ? '16:00' : '21:30',
  }));

/** A step of which nothing is said yet. */
export const startingStep = (id: string, key: string): StepSaid => ({
  id,
  key,
  name: '',
  owner: '',
  state: 'open',
  done: null,
  left: false,
  minutes: null,
  wait: null,
  people: null,
  needs: [],
  freed: [],
  note: '',
  readings: [],
  photos: [],
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
