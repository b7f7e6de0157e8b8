import { Type, type TSchema } from 'typebox';
import { PEOPLE_GROUPS, PERSON_STATES } from '../../people';
import { UUID_PATTERN } from '../uuid';
import { assessmentResultSchema } from '../../cases/case-assessment/assessment-result-schema';
import type { ApiScope } from './api-scopes';
import { PERSON_FIELDS } from '../../people/person-fields';
import { QUESTIONNAIRE_MODES } from '../../questionnaire/answers/fields';
import { BREAK_SCHEDULES } from '../../breaks/break-schedules';
import { SITTING_STYLES } from '../../workstation/corner/vocabulary';
import { ROUND_BOUNDS, ROUND_FIELDS } from '../sending/round-fields';

const id = Type.String({ pattern: UUID_PATTERN });
const moment = Type.String({ format: 'date-time' });
const day = Type.String({ format: 'date' });
const orNull = <T extends TSchema>(schema: T) => Type.Union([schema, Type.Null()]);
const object = <T extends Record<string, TSchema>>(properties: T) =>
	Type.Object(properties, { additionalProperties: false });

const details = { ...PERSON_FIELDS };

const person = object({
	id,
	version: Type.Integer({ description: 'Goes up with each change; a change names the one it is based on.' }),
	...details,
	hasLeft: Type.Boolean(),
	/** Whether emails to the address bounce. */
	hasBounced: Type.Boolean()
});

const listedPerson = object({
	id,
	name: details.name,
	email: Type.String(),
	team: details.team,
	country: details.country,
	staffNumber: details.staffNumber,
	state: Type.Enum(PERSON_STATES, { description: 'Of the newest self-assessment.' }),
	hasLeft: Type.Boolean(),
	hasBounced: Type.Boolean()
});

const version = Type.Integer({ minimum: 1 });

const round = object({
	id,
	version: Type.Integer({ description: 'Goes up with each change; an act names the one that was read.' }),
	name: Type.String(),
	state: Type.String(),
	startsOn: day,
	dueOn: day,
	sentAt: orNull(moment),
	pausedAt: orNull(moment),
	closedAt: orNull(moment),
	people: Type.Record(Type.String(), Type.Integer(), { description: 'How many people are in each state.' })
});

const oneRound = object({
	...round.properties,
	reaches: orNull(
		Type.Integer({ description: 'How many people a draft would go to now; null once it has been started.' })
	)
});

const result = object({
	personId: id,
	state: Type.Enum(PERSON_STATES, { description: 'Of the newest self-assessment.' }),
	answeredAt: orNull(moment),
	/** Null before the first assessment. */
	result: orNull(assessmentResultSchema)
});

/** An operation of the API: from one description come its check at the door and its part of the OpenAPI document. */
export interface ApiOperation {
	readonly id: string;
	readonly method: 'get' | 'post' | 'put';
	/** As in OpenAPI: parameters of the path in braces. */
	readonly path: string;
	readonly summary: string;
	readonly scope: ApiScope;
	readonly query?: Readonly<Record<string, TSchema>>;
	readonly body?: TSchema;
	readonly status: 200 | 201;
	readonly answer: TSchema;
}

const listed = (items: TSchema) =>
	object({
		items: Type.Array(items),
		next: orNull(Type.String({ description: 'Cursor of the next page; null on the last.' }))
	});

/** Every operation, by its id. */
export const API_OPERATIONS = {
	listPeople: {
		id: 'listPeople',
		method: 'get',
		path: '/people',
		summary: 'People by name, fifty at a time.',
		scope: 'people:read',
		query: {
			q: Type.String({ maxLength: 100, description: 'A part of a name, team or email address.' }),
			team: Type.String({ maxLength: 80 }),
			country: Type.String({ pattern: '^[A-Z]{2}$' }),
			state: Type.Enum(PERSON_STATES),
			who: Type.Enum(PEOPLE_GROUPS, { description: 'Those who are here, if left out.' }),
			cursor: Type.String({ maxLength: 400 })
		},
		status: 200,
		answer: listed(listedPerson)
	},
	addPerson: {
		id: 'addPerson',
		method: 'post',
		path: '/people',
		summary: 'Adds a person. An email address that is already in use is refused.',
		scope: 'people:change',
		body: Type.Object(
			{
				name: details.name,
				email: details.email,
				...Object.fromEntries(
					Object.entries(details)
						.filter(([name]) => name !== 'name' && name !== 'email')
						.map(([name, schema]) => [name, Type.Optional(schema)])
				)
			},
			{ additionalProperties: false }
		),
		status: 201,
		answer: person
	},
	getPerson: {
		id: 'getPerson',
		method: 'get',
		path: '/people/{id}',
		summary: 'One person’s details.',
		scope: 'people:read',
		status: 200,
		answer: person
	},
	changePerson: {
		id: 'changePerson',
		method: 'put',
		path: '/people/{id}',
		summary: 'Changes a person’s details. A change based on an older version is refused.',
		scope: 'people:change',
		body: object({ version, ...details }),
		status: 200,
		answer: person
	},
	leavePerson: {
		id: 'leavePerson',
		method: 'post',
		path: '/people/{id}/leave',
		summary:
			'Marks a person as left: links end and reminders stop. Sent twice with one key, it is done once.',
		scope: 'people:change',
		body: object({ key: id }),
		status: 200,
		answer: person
	},
	returnPerson: {
		id: 'returnPerson',
		method: 'post',
		path: '/people/{id}/return',
		summary: 'Marks a person as returned: links that ended when they left work again.',
		scope: 'people:change',
		body: object({ key: id }),
		status: 200,
		answer: person
	},
	sendAssessment: {
		id: 'sendAssessment',
		method: 'post',
		path: '/people/{id}/assessments',
		summary:
			'Sends a person a self-assessment; an older link ends. Sent twice with one key, it is sent once.',
		scope: 'assessments:send',
		body: object({ key: id }),
		status: 201,
		answer: object({ personId: id, state: Type.Enum(PERSON_STATES) })
	},
	getResult: {
		id: 'getResult',
		method: 'get',
		path: '/people/{id}/result',
		summary:
			'A person’s newest result: level with its reasons, open warning signs, checks, findings and plan. Reading it is logged, as a look at the case.',
		scope: 'cases:read',
		status: 200,
		answer: result
	},
	listRounds: {
		id: 'listRounds',
		method: 'get',
		path: '/rounds',
		summary: 'The newest hundred rounds, with how many people are in each state.',
		scope: 'rounds:read',
		status: 200,
		answer: object({ items: Type.Array(round) })
	},
	makeRound: {
		id: 'makeRound',
		method: 'post',
		path: '/rounds',
		summary: 'Makes the draft of a round. Nothing is sent before it is started.',
		scope: 'rounds:run',
		body: Type.Object(
			{
				name: ROUND_FIELDS.name,
				teams: Type.Optional(
					Type.Array(PERSON_FIELDS.team, {
						maxItems: ROUND_BOUNDS.teams,
						description: 'Everybody’s, if left out or empty.'
					})
				),
				country: Type.Optional(ROUND_FIELDS.country),
				notAnsweredWithinDays: Type.Optional(
					Type.Integer({ minimum: 0, maximum: ROUND_BOUNDS.notAnsweredWithinDays })
				),
				way: Type.Enum(SITTING_STYLES, { description: 'How people sit, where they chose nothing else.' }),
				route: Type.Enum(QUESTIONNAIRE_MODES),
				rhythm: Type.Enum(BREAK_SCHEDULES, { description: 'Breaks that are suggested.' }),
				subject: ROUND_FIELDS.subject,
				body: ROUND_FIELDS.body,
				startsOn: ROUND_FIELDS.startsOn,
				dueOn: ROUND_FIELDS.dueOn,
				timeZone: ROUND_FIELDS.timeZone
			},
			{ additionalProperties: false }
		),
		status: 201,
		answer: oneRound
	},
	getRound: {
		id: 'getRound',
		method: 'get',
		path: '/rounds/{id}',
		summary: 'One round; of a draft, how many people it would go to.',
		scope: 'rounds:read',
		status: 200,
		answer: oneRound
	},
	startRound: {
		id: 'startRound',
		method: 'post',
		path: '/rounds/{id}/start',
		summary: 'Starts a draft. Refused if it would go to more or fewer people than expected.',
		scope: 'rounds:run',
		body: object({ version, expected: Type.Integer({ minimum: 1 }) }),
		status: 200,
		answer: oneRound
	},
	pauseRound: {
		id: 'pauseRound',
		method: 'post',
		path: '/rounds/{id}/pause',
		summary: 'Pauses a round that is out, or resumes it. Links and answers work all the time.',
		scope: 'rounds:run',
		body: object({ version, isPaused: Type.Boolean() }),
		status: 200,
		answer: oneRound
	},
	closeRound: {
		id: 'closeRound',
		method: 'post',
		path: '/rounds/{id}/close',
		summary: 'Closes a round: reminders end, links keep working.',
		scope: 'rounds:run',
		body: object({
			version,
			callSilent: Type.Boolean({ description: 'Whether people who have not answered go on the call list.' })
		}),
		status: 200,
		answer: oneRound
	}
} as const satisfies Readonly<Record<string, ApiOperation>>;
