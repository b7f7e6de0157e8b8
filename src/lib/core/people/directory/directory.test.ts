import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readRoster } from '../exchange/read-roster';
import { ROSTER_COLUMNS, ROSTER_FIELDS, type RosterColumn } from '../exchange/roster-fields';
import { compileSchema } from '../../platform/schema/compile-schema';
import { DIRECTORY_CHANGES, FIRST_DIRECTORY_SETTINGS, mayChange } from './directory-settings';
import { rosterOfUsers } from './roster-of-users';
import { scimUser, type ScimUser } from './scim';

const TODAY = '2026-03-02';
const ENTERPRISE = 'urn:ietf:params:scim:schemas:extension:enterprise:2.0:User';

/** The full user of RFC 7643, section 8.2 and 8.3, with another name and address; what isn't read of it is left as it stands there. */
const FULL = {
	schemas: ['urn:ietf:params:scim:schemas:core:2.0:User', ENTERPRISE],
	id: '2819c223-7f76-453a-919d-413861904646',
	externalId: '701984',
	userName: 'tilda@lanterns.example',
	name: {
		formatted: 'Ms. Tilda J Harrowgate, III',
		familyName: 'Harrowgate',
		givenName: 'Tilda',
		middleName: 'Jane',
		honorificPrefix: 'Ms.',
		honorificSuffix: 'III'
	},
	displayName: 'Tilda Harrowgate',
	emails: [
		{ value: 'tilda@home.example', type: 'home' },
		{ value: 'tilda@lanterns.example', type: 'work', primary: true }
	],
	addresses: [
		{ type: 'home', region: 'CA', country: 'US' },
		{
			type: 'work',
			streetAddress: '1 Hill',
			locality: 'Salzburg',
			region: 'AT-5',
			country: 'at',
			primary: true
		}
	],
	phoneNumbers: [
		{ value: '555-555-4444', type: 'mobile' },
		{ value: 'tel:+43-555-5555', type: 'work' }
	],
	userType: 'Employee',
	preferredLanguage: 'de-AT',
	locale: 'de-AT',
	timezone: 'Europe/Vienna',
	active: true,
	meta: { resourceType: 'User' },
	[ENTERPRISE]: { employeeNumber: '701984', costCenter: '4130', department: 'Tour Operations' }
};

const read = (users: readonly object[], over = {}, groups: Parameters<typeof rosterOfUsers>[1] = []) =>
	rosterOfUsers(users as ScimUser[], groups, { ...FIRST_DIRECTORY_SETTINGS, ...over }, TODAY);

/** A row by the names of its columns. */
const rowOf = (line: readonly string[] | undefined) =>
	Object.fromEntries(ROSTER_COLUMNS.map((column, i) => [column, line?.[i]])) as Record<RosterColumn, string>;

const first = (users: readonly object[], over = {}, groups: Parameters<typeof rosterOfUsers>[1] = []) =>
	rowOf(read(users, over, groups).lines[0]);

describe('a directory’s users as a list', () => {
	it('has of a full user (RFC 7643, 8.3) what is kept of a person', () => {
		expect(compileSchema(scimUser)(FULL).ok).toBe(true);
		expect(first([FULL])).toEqual({
			name: 'Tilda Harrowgate',
			email: 'tilda@lanterns.example',
			staffNumber: '701984',
			team: 'Tour Operations',
			phone: '+43-555-5555',
			country: 'AT',
			region: '5',
			timeZone: 'Europe/Vienna',
			language: expect.stringMatching(/^de/) as string,
			leavesOn: ''
		});
		const { people, faults } = readRoster(read([FULL]).lines, read([FULL]).columns, 1);
		expect(faults).toEqual([]);
		expect(people).toHaveLength(1);
	});

	it('says nothing where a service writes null, nothing, or what isn’t used here', () => {
		const bare = {
			id: 'a',
			userName: 'ada',
			displayName: null,
			name: { givenName: 'Ada', familyName: 'Fenn' },
			emails: [{ value: 'ada@lanterns.example' }],
			phoneNumbers: null,
			addresses: [{ region: 'Somewhere', country: null }],
			timezone: 'W. Europe Standard Time',
			preferredLanguage: null,
			[ENTERPRISE]: null
		};
		expect(compileSchema(scimUser)(bare).ok).toBe(true);
		expect(first([bare])).toMatchObject({
			name: 'Ada Fenn',
			email: 'ada@lanterns.example',
			region: '',
			timeZone: '',
			language: '',
			leavesOn: ''
		});
		// A column that nobody fills is none: the list says nothing of it.
		const { columns } = read([bare]);
		expect(columns.phone).toEqual([]);
		expect(columns.name).toHaveLength(1);
	});

	it('takes a user name as the address only where it is one', () => {
		expect(first([{ id: 'a', userName: 'ada@lanterns.example' }]).email).toBe('ada@lanterns.example');
		expect(first([{ id: 'a', userName: 'ada' }]).email).toBe('');
	});

	it('takes the team from the department, a group or nowhere', () => {
		const groups = [
			{ id: 'g1', displayName: 'All staff', members: [{ value: FULL.id }] },
			{ id: 'g2', displayName: 'Team Workshop', members: [{ value: FULL.id }, { value: null }] },
			{ id: 'g3', displayName: 'team Studio', members: [{ value: FULL.id }] },
			{ id: 'g4', displayName: null, members: null }
		];
		expect(first([FULL], { teamFrom: 'group', groupStart: 'Team ' }, groups).team).toBe('Studio');
		expect(first([FULL], { teamFrom: 'group' }, groups).team).toBe('All staff');
		expect(first([FULL], { teamFrom: 'none' }, groups).team).toBe('');
		expect(first([{ ...FULL, id: 'other' }], { teamFrom: 'group' }, groups).team).toBe('');
	});

	it('has who isn’t active any more leave today, also without an address', () => {
		expect(first([{ ...FULL, active: false }]).leavesOn).toBe(TODAY);
		const gone = { id: 'g', active: false, [ENTERPRISE]: { employeeNumber: '7' } };
		expect(read([gone, { id: 'h', active: false }])).toMatchObject({ lines: [], goneNumbers: ['7'] });
	});

	it('is never at fault for what it reads out of odd texts itself', () => {
		const text = fc.option(fc.string(), { nil: null });
		const users = fc.array(
			fc.record({
				id: fc.uuid(),
				displayName: fc.constant('Someone'),
				emails: fc.uuid().map((name) => [{ value: `${name}@lanterns.example` }]),
				timezone: text,
				addresses: fc.array(fc.record({ region: text, country: fc.constantFrom(null, '', 'GB', 'de') })),
				preferredLanguage: text
			})
		);
		fc.assert(
			fc.property(users, (all) => {
				const { lines, columns } = read(all);
				const wrong = readRoster(lines, columns, 1).faults.map(({ field }) => field);
				expect(wrong).toEqual([]);
			})
		);
	});
});

describe('what a directory may change', () => {
	it('is each field by its tick; never a language, and a number only where none was', () => {
		for (const field of ROSTER_FIELDS) {
			expect(mayChange(DIRECTORY_CHANGES, field)).toBe(field !== 'language');
			expect(mayChange([], field)).toBe(field === 'staffNumber');
		}
		expect(ROSTER_FIELDS.filter((field) => mayChange(['place'], field))).toEqual([
			'staffNumber',
			'country',
			'region',
			'timeZone'
		]);
	});
});
