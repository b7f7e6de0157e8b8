import { CALENDAR_VIEWS } from '$lib/ui/cases/follow-ups/calendar-days';
import { Type } from 'typebox';
import { FOLLOW_UP_KINDS } from '$lib/core/cases/triage/follow-up-kinds';
import { endCalendarFeed, renewCalendarFeed } from '$lib/server/platform/calendar/follow-up-feed';
import { addIsoDays, isValidDay, isoDay } from '$lib/server/platform/clock';
import { DomainError } from '$lib/server/platform/domain-error';
import {
	MAX_SHOWN_PER_DAY,
	followUpsBetween,
	followUpsPerDay
} from '$lib/server/cases/follow-ups/list-follow-ups';
import { setFollowUp } from '$lib/server/cases/follow-ups/set-follow-up';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { day as dayField, text, uuid, version } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

/** Days that the list looks ahead, and weeks whose load is shown. */
const LIST_DAYS = 60;
const LOAD_WEEKS = 8;

function mondayOf(day: string): string {
	const weekday = new Date(`${day}T00:00:00Z`).getUTCDay();
	return addIsoDays(day, -((weekday + 6) % 7));
}

/** First and last day that a view shows. */
function spanOf(
	view: (typeof CALENDAR_VIEWS)[number],
	day: string,
	today: string
): { from: string; until: string } {
	if (view === 'list') return { from: day, until: addIsoDays(day, LIST_DAYS) };
	if (view === 'week') return { from: mondayOf(day), until: addIsoDays(mondayOf(day), 6) };
	// For the current month, the weeks still to come: past open follow-ups are listed as overdue.
	const first = mondayOf(day.slice(0, 7) === today.slice(0, 7) ? today : `${day.slice(0, 7)}-01`);
	return { from: first, until: addIsoDays(first, 41) };
}

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		const today = isoDay(locals.now, locals.timeZone);
		const view = CALENDAR_VIEWS.find((name) => name === url.searchParams.get('view')) ?? 'month';
		const asked = url.searchParams.get('day') ?? '';
		const day = isValidDay(asked) ? asked : today;
		const span = spanOf(view, day, today);
		const ahead = { from: mondayOf(today), until: addIsoDays(mondayOf(today), LOAD_WEEKS * 7 - 1) };
		const isAhead = span.from >= ahead.from && span.until <= ahead.until;
		const [lists, load, onOtherDays] = await Promise.all([
			followUpsBetween(locals.db, actor, {
				...span,
				today,
				aDay: view === 'list' ? null : MAX_SHOWN_PER_DAY[view]
			}),
			followUpsPerDay(locals.db, actor, ahead),
			isAhead ? null : followUpsPerDay(locals.db, actor, span)
		]);
		const onDays = onOtherDays ?? load.filter((one) => one.day >= span.from && one.day <= span.until);
		// Open ones of past days are overdue, or were emailed on their day.
		const total = onDays.reduce((sum, one) => sum + (one.day < today ? 0 : one.n), 0);
		return { view, day, today, ...span, ...lists, total, load, onDays, aheadFrom: ahead.from };
	});

const readMove = formReader({
	key: uuid,
	person: uuid,
	kind: Type.Enum(FOLLOW_UP_KINDS),
	due: dayField,
	reason: Type.Optional(text(300)),
	version
});

export const actions: Actions = {
	move: ({ request, locals }) =>
		withFormError(async () => {
			const { person, due, reason = '', version: seen, key, kind } = await readMove(request);
			const today = isoDay(locals.now, locals.timeZone);
			if (!isValidDay(due)) throw new DomainError('invalid', 'noSuchDay', '/due');
			if (due < today) throw new DomainError('invalid', 'dayIsOver', '/due');
			const input = { key, kind, personId: person, due, reason, seen: Number(seen) };
			return { moved: await setFollowUp(locals.db, signedIn(locals), input, locals.now) };
		}),

	feed: ({ locals, url }) =>
		withFormError(async () => {
			const token = await renewCalendarFeed(locals.db, signedIn(locals));
			return { feed: `${url.origin}/calendar/${token}` };
		}),

	endFeed: ({ locals }) =>
		withFormError(async () => {
			await endCalendarFeed(locals.db, signedIn(locals));
			return { feedEnded: true };
		})
};
