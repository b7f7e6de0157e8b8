import type { Static } from 'typebox';
import type { assessmentResultSchema } from './assessment-result-schema';
import type { DeepReadonly } from './schema-parts';

/**
 * The assessment of one person's case (`easy-corner.judgement/2`). Stored when made, never rewritten; `assessment-result-schema.ts`
 * explains each part.
 */
export type AssessmentResult = DeepReadonly<Static<typeof assessmentResultSchema>>;

/** Why a case has its level, as data; the wording is in the message catalogue. */
export type TriageReason = AssessmentResult['reasons'][number];

/** A check that the best plan leaves off, and the end of its range that it lies beyond. */
export type UnclosableCheck = AssessmentResult['unclosable'][number];
