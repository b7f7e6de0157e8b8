import { sql } from 'drizzle-orm';
import type { Bundle, BundleEntry } from 'fhir/r4';
import type { Checklist } from '../../../core/questionnaire/checklist/checklist';
import { personEntries, questionnaireEntries, writeBundle } from '../../../core/platform/fhir/write-bundle';
import type { FhirRecord } from '../../../core/platform/fhir/fhir-record';
import { fhirWords } from '../../../messages/desk/fhir-words';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { checklistsAt } from '../../questionnaire/checklists/read-checklists';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';
import { peopleWhere, type PeopleFilter } from '../../people/people-filter';
import { readFhirRecords } from './read-fhir-records';

const { cases, people } = schema;

/** People read at once: enough to ask the database seldom, and few enough to hold. */
const CHUNK = 100;

/** The detail that the audit log has of such a download. */
const FORMAT = { format: 'FHIR R4' } as const;

const versionsOf = (records: readonly FhirRecord[]) =>
	records.flatMap(({ assessments }) => assessments.map(({ checklistVersion }) => checklistVersion));

/**
 * One person's data as a bundle of HL7 FHIR R4. Downloading it is logged.
 * @param locale of the words in it
 * @throws DomainError `not-found` where there is no such person
 */
export async function fhirBundleOf(
	db: Db,
	actor: Actor,
	personId: string,
	{ locale, now }: { readonly locale: string; readonly now: Date }
): Promise<Bundle> {
	requirePermission(actor, 'people:export');
	const [record] = await readFhirRecords(db, [personId]);
	if (!record) throw new DomainError('not-found', 'noPerson');
	const checklistAt = await checklistsAt(db, versionsOf([record]));
	await writeAuditLine(db, actor, { at: now, act: 'person-data-exported', personId, detail: FORMAT });
	return writeBundle(record, checklistAt, fhirWords(locale), now.toISOString());
}

/** Ids of people of a filter, chunk by chunk in their order; served by the primary key. */
async function* idsOf(db: Db, filter: PeopleFilter): AsyncGenerator<string[]> {
	let after = '00000000-0000-0000-0000-000000000000';
	for (;;) {
		const { rows } = await db.execute<{ id: string }>(sql`
			select ${people.id} as id from ${people} join ${cases} on ${cases.personId} = ${people.id}
			where ${peopleWhere(filter) ?? sql`true`} and ${people.id} > ${after}::uuid
			order by ${people.id} limit ${CHUNK}`);
		if (rows.length === 0) return;
		const ids = rows.map(({ id }) => id);
		yield ids;
		after = ids.at(-1) ?? after;
	}
}

/**
 * The people of a filter as one bundle of HL7 FHIR R4, as text in parts: for a workforce of any size, with one chunk in memory. A
 * questionnaire stands before the first answers to it.
 */
export async function* exportFhir(
	db: Db,
	actor: Actor,
	{ filter, locale }: { readonly filter: PeopleFilter; readonly locale: string },
	now: Date
): AsyncGenerator<string> {
	requirePermission(actor, 'people:export');
	await writeAuditLine(db, actor, { at: now, act: 'people-exported', detail: FORMAT });
	const words = fhirWords(locale);
	const checklists = new Map<number, Checklist>();
	const head: Bundle = { resourceType: 'Bundle', type: 'collection', timestamp: now.toISOString() };
	// The list is left open for what follows, and closed at the end.
	yield `${JSON.stringify(head).slice(0, -1)},"entry":[`;
	let isFirst = true;
	for await (const ids of idsOf(db, filter)) {
		const records = await readFhirRecords(db, ids);
		const fresh = [...new Set(versionsOf(records))].filter((version) => !checklists.has(version));
		const checklistAt = await checklistsAt(db, fresh);
		for (const version of fresh) checklists.set(version, checklistAt(version));
		const at = (version: number) => checklists.get(version) ?? checklistAt(version);
		const entries: BundleEntry[] = [
			...questionnaireEntries(fresh, at, words),
			...records.flatMap((record) => personEntries(record, at, words))
		];
		if (entries.length === 0) continue;
		yield `${isFirst ? '' : ',\n'}${entries.map((entry) => JSON.stringify(entry)).join(',\n')}`;
		isFirst = false;
	}
	yield ']}\n';
}
