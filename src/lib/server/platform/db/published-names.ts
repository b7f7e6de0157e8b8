/** Names that archives and everything of a person have for tables and columns, where the database has others: what was published stays. */
const TABLES: Readonly<Record<string, string>> = {
	assessment_results: 'judgements',
	break_settings: 'moving',
	break_weeks: 'moving_weeks',
	email_days: 'mail_days',
	email_limit: 'mail_limit',
	emails: 'letters',
	remeasurements: 're_measurements',
	shared_session_entries: 'walkthrough_entries',
	shared_session_members: 'walkthrough_members',
	shared_sessions: 'walkthroughs'
};

/** By name of the column, or of table and column where another table has one of that name that is published as it is. */
const COLUMNS: Readonly<Record<string, string>> = {
	assessment_result_id: 'judgement_id',
	break_schedule: 'rhythm',
	hold_reason: 'held_why',
	place_of: 'spot_of',
	questionnaire_mode: 'route',
	reassess_on: 'judge_on',
	sent_questionnaire_mode: 'sent_route',
	sent_sitting_style: 'sent_way',
	shared_session_id: 'walkthrough_id',
	sitting_style: 'way',
	workstation: 'corner',
	'observations.place': 'spot',
	'published_states.place': 'spot'
};

export const publishedTable = (table: string): string => TABLES[table] ?? table;

export const publishedColumn = (table: string, column: string): string =>
	COLUMNS[`${table}.${column}`] ?? COLUMNS[column] ?? column;

const camelCased = (name: string) => name.replace(/_([a-z])/g, (_, letter: string) => letter.toUpperCase());

const PROPERTIES = new Map(
	Object.entries(COLUMNS).map(([ours, published]) => [camelCased(ours), camelCased(published)])
);

export const publishedProperty = (property: string): string => PROPERTIES.get(property) ?? property;
