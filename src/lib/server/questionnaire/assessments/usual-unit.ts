import { and, eq, isNull, sql } from 'drizzle-orm';
import type { LengthUnit } from '../../../core/body/length/mm';
import { localeOf } from '../../../messages/languages';
import { schema, type Db } from '../../platform/db/client';

const { assessments } = schema;

/** The unit that people are used to where it isn't centimetres, as an answer that is already there; they can change it on any page. */
export function usualUnit(language: string): { readonly unit?: LengthUnit } {
	return localeOf(language) === 'en-US' ? { unit: 'in' } : {};
}

/** Sets the unit of self-assessments in which nothing was answered yet to the one that a language's readers are used to. */
export async function setUsualUnit(tx: Db, personId: string, language: string): Promise<void> {
	await tx
		.update(assessments)
		.set({ answers: usualUnit(language) })
		.where(
			and(
				eq(assessments.personId, personId),
				isNull(assessments.revokedAt),
				isNull(assessments.answeredAt),
				sql`${assessments.answers} - 'unit' = '{}'::jsonb`
			)
		);
}
