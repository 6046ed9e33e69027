import * as chainFormulas from './formulas';
import * as endFormulas from './formulas-ends';
import * as lengthFormulas from './formulas-lengths';
import * as stackFormulas from './formulas-stack';

export { closeChain, type Closed, type Span } from './chain';
export * from './fasteners';
export * from './plate';
export * from './stack';

/** Every formula of how things fit. */
export const fit = { ...chainFormulas, ...endFormulas, ...lengthFormulas, ...stackFormulas };
