import ICAL from 'ical.js';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { isPermitted } from '../../../core/platform/access/permissions';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { hashToken, newToken } from '../access/tokens';
import { recordRead } from '../audit/record-read';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';

const { followUps, people, users } = schema;

/** Most entries of a feed, soonest first. */
const MOST_ENTRIES = 1000;

/** Makes or replaces the secret address of a user's calendar feed; an old one ends. */
export async function renewCalendarFeed(db: Db, actor: Actor): Promise<string> {
	const user = requirePermission(actor, 'follow-ups:read');
	const token = newToken();
	await db
		.update(users)
		.set({ calendarHash: hashToken(token) })
		.where(eq(users.id, user.id));
	return token;
}

export async function endCalendarFeed(db: Db, actor: Actor): Promise<void> {
	const user = requirePermission(actor, 'follow-ups:read');
	await db.update(users).set({ calendarHash: null }).where(eq(users.id, user.id));
}

/**
 * The open follow-ups as an iCalendar feed (RFC 5545): all-day entries with initials and nothing about health, since calendars are
 * synchronised to many places. Whoever has the address can read it, so it is long, random and replaceable.
 */
export async function followUpFeed(db: Db, token: string, origin: string, now: Date): Promise<string> {
	const [user] = await db
		.select({ id: users.id, name: users.name, role: users.role })
		.from(users)
		.where(and(eq(users.calendarHash, hashToken(token)), isNull(users.closedAt)));
	if (!user || !isPermitted(user.role, 'follow-ups:read'))
		throw new DomainError('not-found', 'calendarEnded');
	await recordRead(db, { kind: 'user', ...user }, { act: 'feed-read' }, now);
	const rows = await db
		.select({ id: followUps.id, personId: people.id, name: people.name, due: followUps.due })
		.from(followUps)
		.innerJoin(people, eq(people.id, followUps.personId))
		// What is sent automatically is no entry in anyone's day.
		.where(and(isNull(followUps.doneAt), eq(followUps.kind, 'look')))
		.orderBy(asc(followUps.due), asc(followUps.personId))
		.limit(MOST_ENTRIES);
	const calendar = new ICAL.Component('vcalendar');
	calendar.updatePropertyWithValue('version', '2.0');
	calendar.updatePropertyWithValue('prodid', '-//Easy Corner//Follow-ups//EN');
	calendar.updatePropertyWithValue('x-wr-calname', 'Easy Corner: follow-ups');
	for (const { id, personId, name, due } of rows) {
		const event = new ICAL.Component('vevent');
		event.updatePropertyWithValue('uid', `${id}@easy-corner`);
		event.updatePropertyWithValue('dtstamp', ICAL.Time.fromJSDate(now, true));
		event.updatePropertyWithValue('dtstart', ICAL.Time.fromDateString(due));
		event.updatePropertyWithValue('summary', `Follow-up: ${initialsOf(name)}`);
		event.updatePropertyWithValue('url', `${origin}/desk/cases/${personId}`);
		event.updatePropertyWithValue('transp', 'TRANSPARENT');
		calendar.addSubcomponent(event);
	}
	return `${calendar.toString()}\r\n`;
}

function initialsOf(name: string): string {
	return name
		.split(/\s+/)
		.map((word) => `${[...word][0] ?? ''}.`)
		.join(' ');
}
