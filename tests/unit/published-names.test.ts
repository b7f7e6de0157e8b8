import { readFileSync } from 'node:fs';
import { getTableColumns } from 'drizzle-orm';
import { expect, it } from 'vitest';
import { OF_ASSESSMENT, OF_PERSON } from '$lib/server/people/erasure/own-rows';
import { ARCHIVE_TABLES } from '$lib/server/platform/archive/archive-tables';
import { caseRecordSchema } from '$lib/core/cases/case-assessment/case-record-schema';
import { assessmentResultSchema } from '$lib/core/cases/case-assessment/assessment-result-schema';
import { cornerSchema } from '$lib/core/workstation/corner/corner-schema';
import { publishedProperty } from '$lib/server/platform/db/published-names';

const listOf = (name: string) =>
	JSON.parse(readFileSync(`tests/data/published/${name}.json`, 'utf8')) as Record<string, string>;

it('folders, tables and columns of an archive keep the names they were published with', () => {
	const names = ARCHIVE_TABLES.map(({ folder, publishedName, form, publishedColumns }) => [
		`${folder}/${publishedName}.${form}`,
		publishedColumns.join(' ')
	]);
	expect(Object.fromEntries(names)).toEqual(listOf('archive'));
});

it('what is known of a person keeps the names it was published with', () => {
	const names = Object.entries({ ...OF_PERSON, ...OF_ASSESSMENT }).map(([kind, table]) => [
		kind,
		Object.keys(getTableColumns(table)).map(publishedProperty).join(' ')
	]);
	expect(Object.fromEntries(names)).toEqual(listOf('person'));
});

/** Every property of a document's schema, with where it stands. */
function propertiesOf(schema: unknown, at = ''): string[] {
	if (typeof schema !== 'object' || schema === null) return [];
	return Object.entries(schema).flatMap(([name, value]) => {
		if (name !== 'properties') return propertiesOf(value, at);
		return Object.entries(value as object).flatMap(([property, inner]) => [
			`${at}/${property}`,
			...propertiesOf(inner, `${at}/${property}`)
		]);
	});
}

it.each([
	['corner', cornerSchema],
	['file', caseRecordSchema],
	['judgement', assessmentResultSchema]
])('the document %s keeps the names it was published with', (name, schema) => {
	const properties = [...new Set(propertiesOf(schema))].sort();
	expect(properties).toEqual((listOf('documents')[name] ?? '').split(' '));
});
