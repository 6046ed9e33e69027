/** What one axis is made of; SI. */
export interface DriveMakeup {
  /** Moved mass, and what its weight pulls along the axis, N. */
  readonly mass: number;
  readonly weight: number;
  /** Travel of the carriage for a radian of the motor. */
  readonly travel: number;
  /** Rotor with all that turns with it, kg·m². */
  readonly inertia: number;
  readonly rotorTeeth: number;
  /** Pull-out torque over the speed, N·m over rad/s. */
  readonly pullOut: (speed: number) => number;
  readonly detent: number;
  /** Share of the supply that is there. */
  readonly supply: number;
  /** Drag of drive and rotor in its own bearings, N·m·s. */
  readonly damping: number;
  /** From the motor to the carriage, N/m, and its damping. */
  readonly stiffness: number;
  readonly loss: number;
  /** Free way between both flanks, m. */
  readonly play: number;
  /** Coulomb and static friction, N; and what grows with the speed, N·s/m. */
  readonly coulomb: number;
  readonly stiction: number;
  readonly viscous: number;
  /** What is off on the way, m: of the place that the motor asks for. */
  readonly error: (place: number) => number;
}

/** LuGre friction: bristles, their damping and where stiction ends; from memory. */
const BRISTLE = 1.4e7;
const BRISTLE_DAMPING = 2e3;
const STRIBECK = 2e-3;
const DAMPING_FADES = 0.02;

/** Step of the integration, s. */
export const STEP = 20e-6;

/** Where an axis is: motor, rotor, carriage. */
export interface DriveState {
  /** rad, rad/s, m, m/s */
  readonly rotor: number;
  readonly turning: number;
  readonly place: number;
  readonly speed: number;
  /** Force in the drive train, N. */
  readonly force: number;
}

export interface DrivePlant {
  /** Goes on while the motor is asked for a place. @param push from outside along the axis, N. */
  readonly step: (asked: number, seconds: number, push?: number) => void;
  readonly state: () => DriveState;
}

/**
 * A stepper on its drive with stiction, play, pitch errors, stall by load angle: rotor and carriage are two
 * masses, the train between them a spring with a gap. Semi-implicit Euler.
 * @param held the motor is clamped where it stands: only the train gives.
 */
export function drivePlant(made: DriveMakeup, held = false): DrivePlant {
  let [rotor, turning, place, speed, bristle, force] = [0, 0, 0, 0, 0, 0];
  // Where the motor was asked to be after the step before: between both it is asked evenly.
  let last = 0;
  const { mass, travel, inertia, rotorTeeth: teeth, stiffness, loss, play } = made;

  /** Force of the train: none in the gap, and never of the other sign than its stretch. */
  const trainForce = () => {
    const stretch = travel * rotor + made.error(travel * rotor) - place;
    const beyond = Math.abs(stretch) - play / 2;
    if (beyond <= 0) return 0;
    const side = Math.sign(stretch);
    const pull = stiffness * beyond + loss * side * (travel * turning - speed);
    return side * Math.max(0, pull);
  };
  const friction = (dt: number) => {
    const { coulomb, stiction, viscous } = made;
    const slip = coulomb + (stiction - coulomb) * Math.exp(-((speed / STRIBECK) ** 2));
    if (slip <= 0) return viscous * speed;
    const before = bristle;
    bristle = (bristle + speed * dt) / (1 + (BRISTLE * Math.abs(speed) * dt) / slip);
    const rate = (bristle - before) / dt;
    return (
      BRISTLE * bristle + BRISTLE_DAMPING * rate * Math.exp(-((speed / DAMPING_FADES) ** 2)) + viscous * speed
    );
  };
  const stepRotor = (asked: number, dt: number) => {
    if (held) return;
    const angle = asked / travel;
    const most = made.pullOut(Math.abs(turning)) * made.supply;
    const torque =
      most * Math.sin(teeth * (angle - rotor)) -
      made.detent * Math.sin(4 * teeth * rotor) -
      made.damping * turning -
      travel * force;
    turning += (torque / inertia) * dt;
    rotor += turning * dt;
  };
  return {
    step: (asked, seconds, push = 0) => {
      const count = Math.max(1, Math.round(seconds / STEP));
      const dt = seconds / count;
      const from = last;
      for (let i = 1; i <= count; i++) {
        force = trainForce();
        stepRotor(from + ((asked - from) * i) / count, dt);
        speed += ((force - friction(dt) + push - made.weight) / mass) * dt;
        place += speed * dt;
      }
      last = asked;
    },
    state: () => ({ rotor, turning, place, speed, force }),
  };
}
