/** Pages that a first tour shows, in the order of the work. */
export const tourStops = ['machine', 'brief', 'size', 'whole', 'fit', 'build', 'prove', 'log'] as const;
export type TourStop = (typeof tourStops)[number];

/** What is said at each stop: what the page answers, and one thing to try. */
export const tourTexts: Readonly<Record<TourStop, { readonly title: string; readonly text: string }>> = {
  machine: {
    title: 'First page',
    text:
      'Where the machine stands, in ten seconds: verdict, what matters most, money, what comes next. ' +
      'This one is invented, and has honest flaws. Change what you like: undo takes it back.',
  },
  brief: {
    title: 'Brief: what must it do?',
    text: 'Work, cuts, place, accuracy. Cuts give forces, parts give masses; axes carry one another.',
  },
  size: {
    title: 'Size: will each axis do it?',
    text:
      'The ladder sorts the speeds at which something gives out; the lowest rung governs. ' +
      'Type another lead, or try a remedy: each was put through the model before it is offered.',
  },
  whole: {
    title: 'Size: the machine as a whole',
    text:
      'How far the gantry bends and which part gives most. Drag the tool along, and see what the ' +
      'next change buys.',
  },
  fit: {
    title: 'Fit: does it go together?',
    text: 'Travel end to end, heights that add up, ends and stops, plates with every hole.',
  },
  build: {
    title: 'Build: what do I get, cut and do?',
    text:
      'Parts with the cheapest basket, bars with their cuts, an order in which every bolt stays ' +
      'reachable.',
  },
  prove: {
    title: 'Prove: is it straight, does it do what was promised?',
    text:
      'Readings with their doubt, bolts and shims that follow; first motion step by step; plan ' +
      'beside proof.',
  },
  log: {
    title: 'Log: what did I learn?',
    text:
      'What happened dates itself. Upgrades, kept plans, lessons that come back. Now begin one of ' +
      'your own.',
  },
};
