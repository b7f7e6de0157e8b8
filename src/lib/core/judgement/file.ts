import type { Static } from 'typebox';
import type { fileSchema } from './file-schema';
import type { DeepReadonly } from './schema-parts';

/**
 * All that is known of one person when their case is judged (`easy-corner.file/2`). Days are civil dates of the person's place; what
 * came first is told by `seq`. What each part means stands in `file-schema.ts`.
 */
export type PersonFile = DeepReadonly<Static<typeof fileSchema>>;

/** Answers of one moment. */
export type FileAnswers = PersonFile['answers'][number];

/** A check-in after the plan. */
export type FileCheckIn = PersonFile['checkIns'][number];

/** The plan that was agreed, with its heights. */
export type FilePlan = NonNullable<PersonFile['plan']>;

/** Lengths that were measured again, mm. */
export type FileLengths = PersonFile['measured'][number]['lengths'];

/** A finding that answers show. */
export type FileFinding = NonNullable<FileAnswers['findings']>[number];

/** The entry that came last, whatever its day; null of none. */
export function latest<T extends { readonly seq: number }>(entries: readonly T[]): T | null {
	return entries.reduce<T | null>((last, one) => (last && last.seq > one.seq ? last : one), null);
}

/** Entries in order of time. */
export const inOrder = <T extends { readonly seq: number }>(entries: readonly T[]): T[] =>
	[...entries].sort((a, b) => a.seq - b.seq);

/** The newest self-assessment that is in; null while there is none, or only warning signs are. */
export const newestAnswers = ({ answers }: Pick<PersonFile, 'answers'>) =>
	latest(answers.filter(({ findings }) => findings !== null));

/** The newest corner; null where none was ever measured. */
export const newestCorner = ({ answers }: Pick<PersonFile, 'answers'>) =>
	latest(answers.filter(({ corner }) => corner !== null))?.corner ?? null;
