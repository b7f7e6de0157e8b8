import type { Bundle } from 'fhir/r4';
import { and, asc, eq, isNotNull, isNull } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readBundle } from '$lib/core/platform/fhir/read-bundle';
import { DomainError } from '$lib/server/platform/domain-error';
import { schema } from '$lib/server/platform/db/client';
import { exportFhir, fhirBundleOf } from '$lib/server/platform/fhir/export-fhir';
import { readFhirRecords } from '$lib/server/platform/fhir/read-fhir-records';
import { filterOfQuery } from '$lib/server/people/people-filter';
import type { TestDatabase } from '../support/database';
import { makeFilledDatabase } from '../support/filled-database';
import type { TestUser } from '../support/desk';
import { fhirFaults } from '../support/fhir-checks';
import { casesOf } from '../support/rotation';

const { assessments, auditLines, people, reportedSigns, users } = schema;
const now = new Date();

let test: TestDatabase;
let coordinator: TestUser;
let clinician: TestUser;

/** The demo's people, as every run has them. */
beforeAll(async () => {
	test = await makeFilledDatabase();
	const rows = await test.db.select().from(users);
	const as = (role: 'coordinator' | 'clinician'): TestUser => {
		const user = rows.find((one) => one.role === role);
		if (!user) throw new Error(`The demo has a ${role}`);
		return { kind: 'user', id: user.id, name: user.name, role };
	};
	[coordinator, clinician] = [as('coordinator'), as('clinician')];
	// A sign that stands, and one that was taken back: the demo has none.
	const [person] = await test.db.select().from(people).where(isNull(people.leftAt)).limit(1);
	const personId = person?.id ?? '';
	await test.db.insert(reportedSigns).values([
		{ personId, sign: 'numbness-stays', at: now },
		{ personId, sign: 'chest-pain', at: now, takenBackAt: now }
	]);
});

afterAll(() => test.drop());

async function everybody(query = ''): Promise<Bundle> {
	let text = '';
	const wanted = { filter: filterOfQuery(new URLSearchParams(query)), locale: 'en' };
	for await (const part of exportFhir(test.db, coordinator, wanted, now)) text += part;
	return JSON.parse(text) as Bundle;
}

/** How many people are in a bundle. */
const peopleOf = ({ entry = [] }: Bundle): number =>
	entry.filter(({ resource }) => resource?.resourceType === 'Patient').length;

describe('the workforce as FHIR', () => {
	it('is read back as the database has it: everybody, with every answer and every warning sign', async () => {
		const bundle = await everybody();
		const read = readBundle(bundle);
		if (!read.ok) throw new Error(read.issue.text);
		const { records } = read.value;
		const ids = records.map(({ person }) => person.id);
		expect(ids.length).toBeGreaterThan(300);
		expect(read.value.skipped).toBe(0);
		const stored = await readFhirRecords(test.db, ids);
		expect(records).toEqual(stored);
		const here = and(isNull(people.leftAt), isNotNull(assessments.answeredAt));
		const answered = await test.db
			.select({ id: assessments.id })
			.from(assessments)
			.innerJoin(people, eq(people.id, assessments.personId))
			.where(here);
		expect(records.flatMap((one) => one.assessments.map(({ id }) => id)).sort()).toEqual(
			answered.map(({ id }) => id).sort()
		);
		expect(records.flatMap(({ signs }) => signs)).toHaveLength(await test.db.$count(reportedSigns));
		expect(records.length + peopleOf(await everybody('who=left'))).toBe(await test.db.$count(people));
	});

	it('holds to the published schema of R4, for each person alone', async () => {
		const rows = await test.db.select({ id: people.id }).from(people).orderBy(asc(people.id));
		for (const i of casesOf(320, 40)) {
			const id = rows[i]?.id ?? '';
			const bundle = await fhirBundleOf(test.db, coordinator, id, { locale: i % 2 ? 'en' : 'de', now });
			expect(fhirFaults(bundle), id).toEqual([]);
		}
	});

	it('is narrowed as the list is, and an empty list is a bundle without people', async () => {
		const [one] = await test.db.select().from(people).limit(1);
		const found = await everybody(`q=${encodeURIComponent(one?.email ?? '')}`);
		expect(peopleOf(found)).toBe(1);
		expect(await everybody('q=nobody-has-this-name')).toMatchObject({ resourceType: 'Bundle', entry: [] });
	});

	it('is for coordinators only, and each download stands in the audit log', async () => {
		const [one] = await test.db.select().from(people).limit(1);
		const before = await test.db.$count(auditLines);
		const as = { locale: 'en', now };
		await expect(fhirBundleOf(test.db, clinician, one?.id ?? '', as)).rejects.toThrow(DomainError);
		const refused = exportFhir(
			test.db,
			clinician,
			{ filter: filterOfQuery(new URLSearchParams()), locale: 'en' },
			now
		);
		await expect(refused.next()).rejects.toThrow(DomainError);
		expect(await test.db.$count(auditLines)).toBe(before);
		await fhirBundleOf(test.db, coordinator, one?.id ?? '', as);
		await everybody('q=nobody-has-this-name');
		expect(await test.db.$count(auditLines)).toBe(before + 2);
		await expect(
			fhirBundleOf(test.db, coordinator, '00000000-0000-4000-8000-000000000000', as)
		).rejects.toThrow(DomainError);
	});
});
