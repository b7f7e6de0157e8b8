export { Dice, seededRandom } from '../src/lib/core/seeded-dice';
