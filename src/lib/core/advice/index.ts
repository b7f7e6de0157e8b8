export { adviseCorner, type Advice } from './advise-corner';
