export {
  DAY,
  dateOfWall,
  minutesOf,
  OpenTime,
  type Span,
  steadyZone,
  timeOfWall,
  type Wall,
  wallOf,
  type Zone,
} from './open-time';
export { type Dated, type Schedule, scheduleOf, type Task, type Undated } from './schedule';
