export * from './truing';
