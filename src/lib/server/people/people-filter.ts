import { FINDING_IDS, type FindingId } from '../../core/questionnaire/checklist/findings';
import { REGIONS, type Region } from '../../core/cases/discomfort/regions';
import { PEOPLE_GROUPS, PERSON_STATES, type PersonState } from '../../core/people';
import { and, eq, isNotNull, isNull, sql, type SQL } from 'drizzle-orm';
import { TRIAGE_LEVELS, type TriageLevel } from '../../core/cases/triage/policy';
import { isAnyOf } from '../platform/db/is-any-of';
import { schema } from '../platform/db/client';

const { cases, observations, people } = schema;

/** The filter of a list of people; empty texts filter nothing. */
export interface PeopleFilter {
	readonly search: string;
	readonly team: string;
	readonly country: string;
	readonly state: PersonState | '';
	readonly level: TriageLevel | '';
	/** People whose last report has discomfort there, and whose workstation has this open finding. */
	readonly hurts: Region | '';
	readonly finding: FindingId | '';
	/** People who are here, who have left, or whose emails bounce. */
	readonly who: (typeof PEOPLE_GROUPS)[number];
}

export function filterOfQuery(query: URLSearchParams): PeopleFilter {
	// Text that PostgreSQL can't store finds nobody, like any text without a match.
	const text = (name: string) => (query.get(name) ?? '').replaceAll('\0', '').slice(0, 100).trim();
	const oneOf = <T extends string>(name: string, values: readonly T[]) =>
		values.find((value) => value === query.get(name)) ?? '';
	return {
		search: text('q'),
		team: text('team'),
		country: text('country'),
		state: oneOf('state', PERSON_STATES),
		level: oneOf('level', TRIAGE_LEVELS),
		hurts: oneOf('hurts', REGIONS),
		finding: oneOf('finding', FINDING_IDS),
		who: oneOf('who', PEOPLE_GROUPS) || 'here'
	};
}

/** Escapes what LIKE reads as a pattern. */
function literal(text: string): string {
	return text.replace(/[\\%_]/g, (c) => `\\${c}`);
}

/** Letters from which trigrams narrow a search. */
export const TRIGRAM = 3;

/**
 * Any part of name, team or address, by people_search_idx; with one or two letters the beginning of a name, by people_name_start_idx, since
 * a trigram needs three.
 */
export function searchCondition(search: string): SQL | undefined {
	if (search === '') return undefined;
	if (search.length < TRIGRAM) return sql`lower(${people.name}) like ${`${literal(search.toLowerCase())}%`}`;
	const words = search.split(/\s+/).filter((word) => word !== '');
	return and(
		...words.map(
			(word) =>
				sql`(${people.name} || ' ' || ${people.team} || ' ' || ${people.email}) ilike ${`%${literal(word)}%`}`
		)
	);
}

function inState(state: PersonState | ''): SQL | undefined {
	const isOpen = and(isNotNull(cases.sentAt), isNull(cases.answeredAt), isNull(cases.revokedAt));
	switch (state) {
		case 'none':
			return isNull(cases.sentAt);
		case 'answered':
			return isNotNull(cases.answeredAt);
		case 'revoked':
			return and(isNotNull(cases.revokedAt), isNull(cases.answeredAt));
		case 'started':
			return and(isOpen, isNotNull(cases.startedAt));
		case 'sent':
			return and(isOpen, isNull(cases.startedAt));
		default:
			return undefined;
	}
}

/** People whose newest observation contains this; by observations_discomfort_idx or observations_findings_idx. */
function observed(column: typeof observations.discomfort | typeof observations.findings, code: string): SQL {
	return sql`${cases.personId} in (select ${observations.personId} from ${observations}
		where ${column} @> ${sql.param([code])}::text[] and ${observations.untilDay} is null)`;
}

/** The part of a filter about `cases` and observations. */
export function whereCase({
	state,
	level,
	hurts,
	finding
}: Pick<PeopleFilter, 'state' | 'level' | 'hurts' | 'finding'>): SQL | undefined {
	return and(
		inState(state),
		level ? and(eq(cases.level, level), isNotNull(cases.assessmentResultId)) : undefined,
		hurts ? observed(observations.discomfort, hurts) : undefined,
		finding ? observed(observations.findings, finding) : undefined
	);
}

/** The part of a filter about `people`, without the search. */
export function wherePerson({
	team,
	country,
	who
}: Pick<PeopleFilter, 'team' | 'country' | 'who'>): SQL | undefined {
	return and(
		team ? eq(people.team, team) : undefined,
		country ? eq(people.country, country) : undefined,
		who === 'left' ? isNotNull(people.leftAt) : isNull(people.leftAt),
		who === 'bounced' ? isNotNull(people.bouncedAt) : undefined
	);
}

/** The filter as a condition, for a statement that joins people and cases. */
export function peopleWhere(filter: PeopleFilter): SQL | undefined {
	return and(searchCondition(filter.search), whereCase(filter), wherePerson(filter));
}

/** The people of a filter, or of a list of ids. */
export function peopleIdsWhere(ids: readonly string[]): SQL {
	return isAnyOf(people.id, ids);
}
