export { Keeper, type KeeperState, type Kept } from './keeper';
export { pages } from './pages';
