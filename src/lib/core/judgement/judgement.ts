import type { Static } from 'typebox';
import type { judgementSchema } from './judgement-schema';
import type { DeepReadonly } from './schema-parts';

/**
 * What is to be believed, done and shown of one person (`easy-corner.judgement/2`). Stored when it is made, never rewritten; what
 * each part means stands in `judgement-schema.ts`.
 */
export type Judgement = DeepReadonly<Static<typeof judgementSchema>>;

/** Why a case is where it is, as data: the words are the catalogue's. */
export type Reason = Judgement['reasons'][number];

/** A check that the plan's best leaves off, and the end of its band that it lies beyond. */
export type Unclosable = Judgement['unclosable'][number];
