import type { Static } from 'typebox';
import type { caseRecordSchema } from './case-record-schema';
import type { DeepReadonly } from './schema-parts';

/**
 * Everything known about a person when their case is assessed (`easy-corner.file/2`). Days are civil dates at the person's place; `seq`
 * gives the order. `case-record-schema.ts` explains each part.
 */
export type CaseRecord = DeepReadonly<Static<typeof caseRecordSchema>>;

/** Answers submitted at one time. */
type RecordedAnswers = CaseRecord['answers'][number];

/** A check-in after the plan. */
export type RecordedCheckIn = CaseRecord['checkIns'][number];

/** The plan agreed on, with its heights. */
export type RecordedPlan = NonNullable<CaseRecord['plan']>;

/** Lengths measured again, mm. */
export type RecordedLengths = CaseRecord['measured'][number]['lengths'];

/** A finding from answers. */
export type RecordedFinding = NonNullable<RecordedAnswers['findings']>[number];

/** The last entry, whatever its day; null if there is none. */
export function latestEntry<T extends { readonly seq: number }>(entries: readonly T[]): T | null {
	return entries.reduce<T | null>((last, one) => (last && last.seq > one.seq ? last : one), null);
}

/** Entries in order of time. */
export const inTimeOrder = <T extends { readonly seq: number }>(entries: readonly T[]): T[] =>
	[...entries].sort((a, b) => a.seq - b.seq);

/** The newest self-assessment received; null while there is none, or only warning signs were reported. */
export const newestAnswers = ({ answers }: Pick<CaseRecord, 'answers'>) =>
	latestEntry(answers.filter(({ findings }) => findings !== null));

/** The newest workstation; null where none was ever measured. */
export const newestCorner = ({ answers }: Pick<CaseRecord, 'answers'>) =>
	latestEntry(answers.filter(({ corner }) => corner !== null))?.corner ?? null;
