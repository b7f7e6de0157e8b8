import type { QuestionnaireMode } from '../answers/fields';

/**
 * Minutes that letter and first page promise, by route. Measured by `npm run bench -- walk`, where a browser walks as eight kinds of people;
 * the simulated walks of `asking.test` hold the same.
 */
export const PROMISED_MINUTES: Readonly<Record<QuestionnaireMode, number>> = { short: 8, complete: 25 };
