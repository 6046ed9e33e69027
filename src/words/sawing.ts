/** What is said at the saw, beside what hurts. Common practice; the maker's book and local rules go first. */
export const sawingCautions = (hard: boolean): readonly string[] => [
  'Clamp short pieces, on both sides of the cut where that is possible. Eye and ear protection, no ' +
    'gloves at a turning blade. What the maker of the saw and the rules where you are ask goes first.',
  ...(hard
    ? [
        'Hardened rails, rods and screws are cut with an abrasive wheel: sparks, hot ends, fine dust that ' +
          'must not be breathed. Carriages and nuts come off first and are bagged on a dummy rail; tape ' +
          'the rail and clean it before anything runs on it. Deburr with a stone. No torch: heat takes ' +
          'the hardness.',
        'No aluminium on a wheel that is meant for steel: it clogs, and the wheel may burst.',
      ]
    : []),
  'Measure the first piece before you cut the rest; a piece cut too short is spoilt, one too long is not.',
];
