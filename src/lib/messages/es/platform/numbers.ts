import { singularIn } from '../../plural';

/** Whether a number takes the singular. */
export const isOne = singularIn('es');
