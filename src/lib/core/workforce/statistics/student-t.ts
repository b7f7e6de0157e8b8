import jstat from 'jstat';
import { CONFIDENCE } from './interval';

/** Half the width of a 95 % interval in standard errors, by Student's t. @param degrees of freedom, above 0 */
export const tHalfWidth = (degrees: number): number => jstat.studentt.inv((1 + CONFIDENCE) / 2, degrees);

/** Two-sided probability of a value this far from 0, by Student's t. @param t in standard errors */
export const tTwoSided = (t: number, degrees: number): number =>
	2 * jstat.studentt.cdf(-Math.abs(t), degrees);
