import { readFileSync } from 'node:fs';
import { getTableColumns } from 'drizzle-orm';
import { expect, it } from 'vitest';
import { OF_ASSESSMENT, OF_PERSON } from '$lib/server/people/erasure/own-rows';
import { ARCHIVE_TABLES } from '$lib/server/platform/archive/archive-tables';
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
