import type { Static } from 'typebox';
import type { caseRecordSchema } from './case-record-schema';
import type { DeepReadonly } from './schema-parts';

/**
 * All that is known of one person when their case is judged (`easy-corner.file/2`). Days are civil dates of the person's place; what
 * came first is told by `seq`. What each part means stands in `case-record-schema.ts`.
 */
export type CaseRecord = DeepReadonly<Static<typeof caseRecordSchema>>;

/** Answers of one moment. */
export type RecordedAnswers = CaseRecord['answers'][number];

/** A check-in after the plan. */
export type RecordedCheckIn = CaseRecord['checkIns'][number];

/** The plan that was agreed, with its heights. */
export type RecordedPlan = NonNullable<CaseRecord['plan']>;

/** Lengths that were measured again, mm. */
export type RecordedLengths = CaseRecord['measured'][number]['lengths'];

/** A finding that answers show. */
export type RecordedFinding = NonNullable<RecordedAnswers['findings']>[number];

/** The entry that came last, whatever its day; null of none. */
export function latestEntry<T extends { readonly seq: number }>(entries: readonly T[]): T | null {
	return entries.reduce<T | null>((last, one) => (last && last.seq > one.seq ? last : one), null);
}

/** Entries in order of time. */
export const inTimeOrder = <T extends { readonly seq: number }>(entries: readonly T[]): T[] =>
	[...entries].sort((a, b) => a.seq - b.seq);

/** The newest self-assessment that is in; null while there is none, or only warning signs are. */
export const newestAnswers = ({ answers }: Pick<CaseRecord, 'answers'>) =>
	latestEntry(answers.filter(({ findings }) => findings !== null));

/** The newest corner; null where none was ever measured. */
export const newestCorner = ({ answers }: Pick<CaseRecord, 'answers'>) =>
	latestEntry(answers.filter(({ corner }) => corner !== null))?.corner ?? null;
