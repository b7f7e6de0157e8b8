import { desc, eq } from 'drizzle-orm';
import { timelineGroupOfAct, newestFirst, type TimelineEntry } from '../../core/cases/timeline';
import { schema, type Db } from '../platform/db/client';
import { reportsOf } from './reports-of';
import type { Case } from './read-case';

const { emails } = schema;

/** Most emails shown, newest first. */
const MOST_LETTERS = 100;

/** The emails to a person with their states, newest first; served by emails_person_idx. */
export function lettersOf(db: Db, personId: string) {
	return db
		.select({
			id: emails.id,
			at: emails.writtenAt,
			subject: emails.subject,
			state: emails.state,
			fault: emails.fault
		})
		.from(emails)
		.where(eq(emails.personId, personId))
		.orderBy(desc(emails.writtenAt))
		.limit(MOST_LETTERS);
}

type Read = Pick<
	Case,
	'log' | 'messages' | 'notes' | 'contacts' | 'referrals' | 'answers' | 'checkIns' | 'judged'
>;

const entry = (
	id: string,
	at: Date,
	group: TimelineEntry['group'],
	by: string | null,
	event: TimelineEntry['event'],
	isPerson = false
): TimelineEntry => ({ id, at, group, by, isPerson, event });

function acts({ log }: Read): TimelineEntry[] {
	return log.flatMap(({ id, at, act, actorKind, userName, detail }) => {
		const group = timelineGroupOfAct(act);
		return group
			? [entry(`act-${id}`, at, group, userName, { kind: 'act', act, detail }, actorKind === 'person')]
			: [];
	});
}

function words({ messages, notes, contacts }: Read): TimelineEntry[] {
	return [
		...messages.map(({ id, at, text, isFromPerson, authorName }) =>
			entry(id, at, 'messages', authorName, { kind: 'message', text }, isFromPerson)
		),
		...notes.map(({ id, at, text, authorName }) =>
			entry(id, at, 'notes', authorName, { kind: 'note', text })
		),
		...contacts.map(({ id, at, authorName, ...contact }) =>
			entry(id, at, 'calls', authorName, { kind: 'contact', contact })
		)
	];
}

function withClinician({ referrals }: Read): TimelineEntry[] {
	return referrals.flatMap(({ id, at, question, clinicianName: to, endedAt, outcome, lines }) => [
		entry(`asked-${id}`, at, 'clinician', null, { kind: 'referral', event: 'asked', to, text: question }),
		...lines.map((line) =>
			entry(line.id, line.at, 'clinician', line.authorName, {
				kind: 'referral',
				event: 'written',
				to,
				text: line.text
			})
		),
		...(endedAt
			? [
					entry(`ended-${id}`, endedAt, 'clinician', null, {
						kind: 'referral',
						event: 'ended',
						to,
						text: lines.some(({ text }) => text === outcome) ? '' : outcome
					})
				]
			: [])
	]);
}

/** Changes of level, with the reasons of the newer assessment. */
function levels({ judged }: Read): TimelineEntry[] {
	return judged.flatMap(({ id, at, level, document }, i) => {
		const before = judged[i - 1]?.level ?? null;
		const { reasons, evidence, unclosable } = document;
		return before === level
			? []
			: [
					entry(`level-${id}`, at, 'desk', null, {
						kind: 'level',
						level,
						before,
						grounds: { reasons, evidence, unclosable }
					})
				];
	});
}

/** Everything said and done about a person, newest first. */
export function timelineOf(read: Read, posted: Awaited<ReturnType<typeof lettersOf>>): TimelineEntry[] {
	return newestFirst([
		...words(read),
		...withClinician(read),
		...levels(read),
		...reportsOf(read).map(({ at, discomfort }, i) =>
			entry(`report-${i}`, at, 'answers', null, { kind: 'discomfort', discomfort }, true)
		),
		...posted.map(({ id, at, subject, state, fault }) =>
			entry(id, at, 'letters', null, { kind: 'letter', subject, state, fault })
		),
		...acts(read)
	]);
}
