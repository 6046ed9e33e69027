export * from './causes';
export * from './report';
export * from './truing';
