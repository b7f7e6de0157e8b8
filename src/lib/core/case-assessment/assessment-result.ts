import type { Static } from 'typebox';
import type { assessmentResultSchema } from './assessment-result-schema';
import type { DeepReadonly } from './schema-parts';

/**
 * What is to be believed, done and shown of one person (`easy-corner.judgement/2`). Stored when it is made, never rewritten; what
 * each part means stands in `assessment-result-schema.ts`.
 */
export type AssessmentResult = DeepReadonly<Static<typeof assessmentResultSchema>>;

/** Why a case is where it is, as data: the words are the catalogue's. */
export type TriageReason = AssessmentResult['reasons'][number];

/** A check that the plan's best leaves off, and the end of its band that it lies beyond. */
export type UnclosableCheck = AssessmentResult['unclosable'][number];
