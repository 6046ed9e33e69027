export * from './report';
export * from './truing';
