export * from './adjust';
export * from './doubt';
export * from './drivetrain';
export * from './plane';
export * from './square';
export * from './straight';
export * from './tram';
