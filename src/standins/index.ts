export * from './controller';
