export * from './causes';
export * from './report';
export * from './held';
export * from './trial';
export * from './truing';
