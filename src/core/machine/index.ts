export * from './axis';
export * from './demand';
export * from './begin';
export * from './loaded';
export * from './frame';
export * from './errors';
export * from './whole';
export * from './report';
