import { describe, expect, it } from 'vitest';
import { lockConflicts, lockedTables } from '../support/lock-order';

describe('the tables of which a statement locks rows', () => {
	it.each([
		['select "id" from "people" where "id" = $1 for no key update', ['people']],
		['select "id" from "cases" join "people" on true for update of "cases"', ['cases']],
		['update "cases" set "plan_id" = (select "id" from "plans" for update)', ['cases']],
		['delete from "messages" where "id" = $1', ['messages']],
		['insert into "people" ("id") values ($1)', []],
		['insert into "people" ("id") values ($1) on conflict ("id") do update set "name" = $2', ['people']],
		['select "id", (select 1 from "plans" for update) from "people"', []],
		['with "gone" as (delete from "emails" returning "id") update "people" set "name" = $1', ['emails', 'people']]
	])('%s', (statement, tables) => expect(lockedTables(statement)).toEqual(tables));
});

describe('two orders of locks', () => {
	const sequence = (...tables: string[]) => ({ tables, places: tables.map((table) => `${table}.ts:1`) });

	it('are named with their places', () => {
		expect(lockConflicts([sequence('people', 'cases'), sequence('cases', 'people')])).toEqual([
			'cases (cases.ts:1) then people (people.ts:1); but people (people.ts:1) then cases (cases.ts:1)'
		]);
	});

	it('are safe behind a row of the same table', () => {
		expect(lockConflicts([sequence('people', 'cases', 'plans'), sequence('people', 'plans', 'cases')])).toEqual([]);
		expect(lockConflicts([sequence('people', 'cases', 'plans'), sequence('plans', 'cases')])).toHaveLength(1);
	});
});
