export { Dice, seededRandom } from '../src/lib/core/platform/seeded-dice';
