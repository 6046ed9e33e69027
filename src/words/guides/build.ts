import type { Guide } from './guide';

const build = (id: string, guide: Omit<Guide, 'id' | 'chapter' | 'cautions'> & Partial<Guide>): Guide => ({
  cautions: [],
  ...guide,
  id: `build/${id}`,
  chapter: 'build',
});

/** How Build gets from the plan to the finished machine. */
export const buildGuides: readonly Guide[] = [
  build('parts', {
    title: 'What is needed',
    answers: 'Everything that the plan asks for, what is here, what is to be bought, and what was forgotten.',
    how: [
      'Each link of a drive, each joint, each rail asks for its parts: a motor asks for a driver, a pulley ' +
        'for a clamp, a rail for a screw in each hole.',
      'What merely goes with such machines is told apart from what the plan asks for.',
      'What you say of a line stays with it when the plan changes. What is asked no more is kept ' +
        'apart, for ' +
        'it may lie on your bench already.',
      'Spares come with screws, shims, and whatever breaks in the first weeks.',
    ],
    formulas: ['fit/screw-length', 'fit/belt-cut', 'belt/belt-teeth'],
    source: 'Follows from the plan. Spares are common practice, no source.',
    limits: 'It knows what the plan knows: paint, cloths and coffee are yours to add.',
  }),
  build('money', {
    title: 'The cheapest basket',
    answers: 'Where to buy what, shipping and least orders counted in.',
    how: [
      'Every offer says from which number on a piece costs what. Every shop says what it asks to send.',
      'All ways of sharing the list among the shops are searched, the hopeless ones cut off ' +
        'early. Where that ' +
        'is too much the best found is told, with what is still possible.',
      'A part without a price is told: the sum is then at least so much.',
    ],
    formulas: [],
    source: 'Arithmetic; the search is held against trying everything.',
    limits: 'Duty, tax and what an offer is good for are yours to say.',
  }),
  build('sawing', {
    title: 'Bars and cuts',
    answers: 'Which pieces come out of which bars, with kerf, trim and clamps, and what is left over.',
    how: [
      'Begun bars first, then what lies here, then what is sold. Every cut takes its kerf, every ' +
        'bar its trim.',
      'Rails are cut so that holes come out at even ends; racks between teeth; mitres turned against each ' +
        'other save a wedge.',
      'What is left is kept as a bar if it is long enough, and offered the next time.',
      'When a cut is made it is ticked, and the rest is planned anew with what really lies there.',
    ],
    formulas: [],
    source: 'Cutting stock by exact search where small, by filled bars with a bound where large.',
    limits: 'The bound tells how far from the best the plan may be. Saws wander: measure the first piece.',
    cautions: [
      'Saws: clamp the bar, guard on, eyes and ears covered, no gloves. The saw’s own manual decides.',
    ],
  }),
  build('steps', {
    title: 'An order in which every bolt stays reachable',
    answers: 'What is put together first, and what must come off again to reach a bolt.',
    how: [
      'Parts and joints come out of the picture of the machine. For each screw every tool is ' +
        'tried in every ' +
        'pose of the axes: what stands in the way is kept.',
      'A step waits for what it stands on. Where two wait for one another the contradiction is told with ' +
        'its ring, and what would break it.',
      'What is trued is bolted loosely first, read, and tightened from the middle outward.',
      'What you say of a step goes before what is proposed.',
    ],
    formulas: [],
    source: 'Order of a directed graph; reach by the shapes of keys and sockets (ISO 2936, from memory).',
    limits:
      'Parts are boxes and cylinders. Where plates do not say where a screw sits it is where such parts ' +
      'usually have it, and is marked so.',
    cautions: [
      'Prop what hangs on a bolt before it is loosened.',
      'Above 25 kg lift with two or with a hoist.',
    ],
  }),
  build('calendar', {
    title: 'When it is done',
    answers: 'Which evening which step is done, what waits for what, and when the machine runs.',
    how: [
      'Your hours by weekday, less holidays. Glue, paint and parcels wait in real hours, whether you are ' +
        'there or not.',
      'What is longest in coming is ordered first.',
      'What took longer than planned moves all that follows; nothing is dated twice.',
    ],
    formulas: [],
    source: 'Arithmetic on the calendar. Times of steps are common practice, no source, until you log yours.',
    limits: 'Builders take longer than they think: the date has no half-width of its own.',
  }),
  build('wiring', {
    title: 'Wiring',
    answers: 'Which cable goes where, how thick, shielded or not, and what is kept apart from what.',
    how: [
      'Current of each motor and supply gives the least section. Long leads fall in voltage: that is told.',
      'Signals run apart from power, shields are tied at the controller’s end, one star for the earth.',
      'Normally closed: a cut wire reads as tripped.',
      'The stop takes away drive power by hardware, before any program.',
    ],
    formulas: ['motion/supply-power', 'motion/pumped-voltage', 'stepper/supply-rule'],
    source: 'IEC 60204-1 and ISO 13850 as principles, from memory. Sections are common practice, no source.',
    limits: 'This is advice. It certifies nothing.',
    cautions: ['Mains and cabinets: the local wiring code and a licensed electrician decide.'],
  }),
  build('drawings', {
    title: 'Drawings, templates and drill lists',
    answers: 'What goes to the shop: on which layer, to which scale, and how paper is checked.',
    how: [
      'DXF by operation on layers, outlines closed; SVG with one unit for one millimetre; holes as a list; ' +
        'spot drilling as a program.',
      'A template in true size carries a ruler of 100 mm on every sheet. Measure it, type what ' +
        'you read, and ' +
        'the next print is stretched to suit.',
      'Diagonals prove that it is square.',
    ],
    formulas: ['metrology/square-diagonals'],
    source: 'Formats by their published descriptions (DXF R12, SVG 1.1, RS274, PDF).',
    limits: 'Paper is for punching marks only: it grows and shrinks with the weather.',
    cautions: ['Run a program in air before the first hole.'],
  }),
];
