import type { Static } from 'typebox';
import type { fileSchema } from './file-schema';
import type { DeepReadonly } from './schema-parts';

/**
 * All that is known of one person when their case is judged (`easy-corner.file/1`). Days are civil dates of the person's place;
 * what each part means stands in `file-schema.ts`.
 */
export type PersonFile = DeepReadonly<Static<typeof fileSchema>>;

/** Answers of one day. */
export type FileAnswers = PersonFile['answers'][number];

/** A check-in after the plan. */
export type FileCheckIn = PersonFile['checkIns'][number];

/** One thing of the plan that a person works on. */
export type FileThing = NonNullable<PersonFile['plan']>['things'][number];

/** Lengths that were measured again, mm. */
export type FileLengths = PersonFile['measured'][number]['lengths'];
