import { z } from 'zod';
import { id, list, text } from '../input';

/** What stands between the program and the drivers, by its class. */
export const controllerClasses = ['parallel', 'board-8', 'board-32', 'motion-card', 'closed'] as const;
export type ControllerClass = (typeof controllerClasses)[number];

/** How step and direction reach a driver: what the inputs share, or two wires each. */
export const signalWays = ['common-5', 'common-ground', 'differential'] as const;
export type SignalWay = (typeof signalWays)[number];

const wiring = z.strictObject({
  /** Empty: nobody has said. */
  controller: z.union([z.enum(controllerClasses), z.literal('')]),
  signals: z.union([z.enum(signalWays), z.literal('')]),
  /** V; nought: nobody has said. */
  logic: z.union([z.literal(0), z.literal(5), z.literal(24)]),
  /** Where the cable comes apart: at the motor, at the cabinet, or at both. */
  plug: z.enum(['', 'motor', 'cabinet', 'both']),
  /** V; nought: nobody has said. */
  mains: z.union([z.literal(0), z.literal(120), z.literal(230)]),
});

/** What the builder says of one wire. */
const wirePin = z.strictObject({
  id,
  /** Which wire: `bed/motor-1 A+`. */
  wire: text(120),
  pin: text(20),
  colour: text(40),
  to: text(80),
});

export const wiringShape = { wiring, wirePins: list(wirePin, 600) };

export type WiringSaid = z.infer<typeof wiring>;
export type WirePin = z.infer<typeof wirePin>;
