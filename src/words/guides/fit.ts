import type { Guide } from './guide';

const fit = (id: string, guide: Omit<Guide, 'id' | 'chapter' | 'cautions'> & Partial<Guide>): Guide => ({
  cautions: [],
  ...guide,
  id: `fit/${id}`,
  chapter: 'fit',
});

/** How Fit works out whether a machine goes together. */
export const fitGuides: readonly Guide[] = [
  fit('travel', {
    title: 'Travel, end to end',
    answers:
      'How far an axis runs between hard contacts, which part ends it on either side, and what is lost.',
    how: [
      'Every part that limits the way says from where to where the middle of the carriages may go: rail, ' +
        'thread, end blocks, rack, belt between its pulleys, plates, bellows.',
      'The stroke is what all of them leave. The part that binds is named at each end by itself: a longer ' +
        'rail buys nothing where the thread ends first.',
      'What shifting a part along would give back is told apart from what is really missing.',
      'Off the stroke come the ends: cushion, run-on behind the switch, scatter of the switch, ' +
        'the way from ' +
        'soft limit to trip. What is left must hold the work and the cutter.',
    ],
    formulas: [
      'fit/rail-reach',
      'fit/thread-reach',
      'fit/block-reach',
      'fit/rack-reach',
      'fit/loop-reach',
      'fit/end-length',
      'fit/soft-travel',
    ],
    source: 'Lengths add up. Thread in reserve and distances to keep are common practice, no source.',
    limits:
      'Parts lie where the drawing or the plan has them. A part whose length nobody has said leaves the ' +
      'stroke not known on its side.',
  }),
  fit('overhang', {
    title: 'Carriages past the rail end',
    answers: 'What a carriage still bears that hangs out over the end of its rail.',
    how: [
      'The end caps hang out free. From there on balls are missing: static rating falls with their share, ' +
        'dynamic rating with the power 0.7 of it.',
      'A single carriage tilts besides. Two on a rail leave the tilt to the plate.',
      'Up to a quarter of the carriage, parked and lightly loaded, is usual. The end of the rail ' +
        'is chamfered.',
    ],
    formulas: ['fit/overhang-share', 'fit/overhang-static', 'fit/overhang-dynamic', 'fit/overhang-peak'],
    source: 'Derived from the share of rolling bodies; the power 0.7 from memory.',
    limits: 'Only where a cage holds the balls. Without one they fall out: never over the end.',
  }),
  fit('stack', {
    title: 'Heights that add up',
    answers: 'Whether faces that should meet do meet: by how much a gap is open, and how far it may be off.',
    how: [
      'A chain goes from face to face through every part between them. A part that lies in it twice counts ' +
        'with both its signs, once.',
      'The gap is the sum. Worst case adds every tolerance; the 95 % half-width adds their squares, and is ' +
        'never more than the worst case.',
      'Gap and half-width inside the window: leave it. Only the gap inside: measure the part that ' +
        'brings the ' +
        'greatest share of the doubt.',
      'Too wide: shim. Too narrow: recess, or shim the other side, which can be undone.',
      'No recess is released while the doubt is more than half the window: cut later, or 0.2 mm short.',
    ],
    formulas: ['fit/stack-gap', 'fit/stack-spread', 'fit/shim', 'fit/recess', 'fit/slot-size'],
    source: 'ISO/IEC Guide 98-3 (GUM) for adding by squares; windows are common practice, no source.',
    limits:
      'Parts from one lot err together and are added before they are squared. Where one unknown part ' +
      'holds more than half of the doubt, squares flatter.',
    cautions: ['Shims have edges.'],
  }),
  fit('ends', {
    title: 'Ends, switches and stops',
    answers: 'Whether an axis comes to rest before it hits, and what happens when it does not.',
    how: [
      'Under control it goes on for the reaction time, then brakes. Without power only drag and what turns ' +
        'decide: a rotor pushes the table on.',
      'The switch trips so far before the crash zone that the fastest move still stops.',
      'What the stop takes is the energy of all that moves and turns: spring, foam, bonded ' +
        'rubber, or a bare ' +
        'stop, whose force grows with speed and stiffness.',
      'Then the motor leans on it with all it has.',
      'Homing goes onto the switch slowly enough that its own over-travel is not used up.',
    ],
    formulas: [
      'fit/stop-path',
      'fit/trip-place',
      'fit/coast-path',
      'fit/meeting-energy',
      'fit/spring-stroke',
      'fit/foam-stroke',
      'fit/rubber-rate',
      'fit/rigid-force',
      'fit/leaning-force',
      'fit/homing-speed',
    ],
    source: 'Energy and mechanics, derived. Bonded rubber by Lindley, its constants from memory.',
    limits: 'Reaction times are from memory until you measure them in Prove (run-on behind the switch).',
    cautions: [
      'A limit switch is no emergency stop. The stop removes drive power by itself (IEC 60204-1, ISO 13850).',
      'Keep fingers out from between carriage and stop.',
    ],
  }),
  fit('two-drives', {
    title: 'Two motors on one axis',
    answers: 'How far both sides may stand apart when power comes, and whether the carriages take it.',
    how: [
      'At power-up each stepper falls to its nearest pole: up to two full steps either way.',
      'A switch for each side squares the gantry when it homes. One switch for both keeps ' +
        'whatever skew there is.',
      'The skew is held against what the carriages take over their span.',
    ],
    formulas: ['fit/power-up-skew', 'fit/homing-spread', 'guide/jam-span'],
    source: 'Derived from the poles of a stepper of 1.8°; what carriages take is from memory.',
    limits: 'A servo with an encoder that knows its place does not jump.',
  }),
  fit('plates', {
    title: 'Plates and hole patterns',
    answers: 'Where every hole lies, and which of them cannot be drilled, reached or mated.',
    how: [
      'Two edges that meet are the reference; every hole is measured from there, never from its neighbour.',
      'Patterns come from the parts that are bolted on. Clearance, tap and counterbore follow ' +
        'from the screw.',
      'Looked at: distance to the edge, wall between holes, heads against what lies on the plate, ' +
        'floors of ' +
        'counterbores, tips that come through, room for the tool.',
      'Two patterns mate when the float of the holes takes what both may be off.',
      'A mirrored plate serves as the same part only where its holes fall on themselves.',
    ],
    formulas: ['fastener/float', 'fit/slot-size'],
    source: 'ASME Y14.5, appendix B, for the float. Edges and walls are common practice, no source.',
    limits: 'Hole patterns of carriages, nuts and blocks are from memory until you say them off your part.',
    cautions: ['Transfer mating patterns from the part itself where you can: patterns differ by make.'],
  }),
  fit('screws', {
    title: 'Screws that fasten',
    answers: 'Which screw, how long, how tight, and whether its thread holds in what it is screwed into.',
    how: [
      'The screw shall break before its thread strips: that gives the least length in the nut or plate.',
      'Length is the least of the row that reaches so far through all that is clamped.',
      'Tightened to 90 % of yield with its torsion, or less where the thread or the face below the head ' +
        'allows no more.',
      'Tapped by the share of thread that is wanted; less of it taps easier and holds nearly as well.',
    ],
    formulas: [
      'fastener/stress-area',
      'fastener/engagement',
      'fastener/preload',
      'fastener/tightening',
      'fastener/tap-drill',
    ],
    source: 'VDI 2230 and ISO 898-1. Friction 0.12 and strengths of plates from memory.',
    limits: 'Dry or greased threads differ by a third in preload for the same torque.',
  }),
  fit('cables', {
    title: 'Cable chains and bellows',
    answers: 'How long a cable chain is, how far its bow reaches, and what a bellows takes of the travel.',
    how: [
      'The chain is half the stroke, its bow, two pitches, and how far the anchor lies off the middle.',
      'The bow goes ahead of the carriage by half the way: it must not meet a wall.',
      'A bellows is never pressed shorter than its closed length.',
    ],
    formulas: ['fit/cable-length', 'fit/cable-bow', 'fit/bellows-reach'],
    source: 'Derived from half a circle and two straight strands.',
    limits: 'The least bend of cables and hoses in it is theirs to say: read it off their sheets.',
  }),
  fit('reach', {
    title: 'What the tool reaches',
    answers: 'Which part of the table the tool reaches, what passes under the beam, how deep it cuts.',
    how: [
      'The tool stands off the carriage: its travel lies shifted over the table.',
      'What passes between the columns and what is cut are two figures, and both are told.',
      'Above the table: work and hold-down below the beam, tip up over the work, tip down through it, ' +
        'collet nut above it.',
    ],
    formulas: ['fit/tool-reach', 'fit/soft-travel'],
    source: 'Lengths add up.',
    limits: 'A second tool reaches less: what both reach is the travel less their distance.',
  }),
];
