import type { QuestionnaireMode } from './answers/fields';

/**
 * Minutes promised in the email and on the first page, by version. Measured by `npm run bench -- walk`, where a browser answers as eight
 * kinds of people; the simulated self-assessments of `short-route-proof.test` keep the same limit.
 */
export const PROMISED_MINUTES: Readonly<Record<QuestionnaireMode, number>> = { short: 8, complete: 25 };
