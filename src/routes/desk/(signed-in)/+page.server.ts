import { redirect } from '@sveltejs/kit';
import { isPermitted } from '$lib/core/platform/access/permissions';
import { isSetUp } from '$lib/core/platform/organisation';
import { standsInFor } from '$lib/server/platform/accounts/stand-ins';
import { undoableActs, undoActs } from '$lib/server/platform/acts/undo-acts';
import { MAX_MESSAGE_CHARS } from '$lib/server/cases/messages';
import { writeToMany } from '$lib/server/cases/write-to-many';
import { readFirstSteps } from '$lib/server/platform/organisation/first-steps';
import { readOrganisation } from '$lib/server/platform/organisation/read-organisation';
import { readDaySheet, daySheetFilterOf } from '$lib/server/cases/day-sheet';
import { MAX_CASES_AT_ONCE, settleCases } from '$lib/server/cases/settle-case';
import { finishFollowUps } from '$lib/server/cases/follow-ups/set-follow-up';
import { isoDay } from '$lib/server/platform/clock';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, uuid, uuids } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { teamsAndCountriesOf } from '$lib/server/people/list-people';
import { referralsFor } from '$lib/server/cases/referrals/read-referral';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		const today = isoDay(locals.now, locals.timeZone);
		if (isPermitted(actor.role, 'referrals:list'))
			return { today, referrals: await referralsFor(locals.db, actor), sheet: null };
		// Roles that see figures but no people start there.
		if (!isPermitted(actor.role, 'cases:read')) redirect(303, '/desk/workforce');
		const filter = daySheetFilterOf(url.searchParams);
		const [organisation, choices, sheet, acts, standingIn] = await Promise.all([
			readOrganisation(locals.db),
			teamsAndCountriesOf(locals.db, actor),
			readDaySheet(locals.db, actor, today, filter),
			undoableActs(locals.db, actor, locals.now),
			standsInFor(locals.db, actor.id, today)
		]);
		// Asked for before anything else: every email says who it is from.
		if (isPermitted(actor.role, 'settings:change') && !isSetUp(organisation))
			redirect(303, '/desk/organisation');
		const isEmpty = sheet.lines.length === 0 && Object.values(filter).every((of) => of === '');
		const firstSteps = isEmpty ? await readFirstSteps(locals.db) : null;
		return {
			today,
			referrals: null,
			sheet: { filter, userId: actor.id, ...choices, sheet, acts, standingIn, firstSteps }
		};
	});

const people = uuids(MAX_CASES_AT_ONCE);

const readSettle = formReader({ key: uuid, people });
const readWrite = formReader({ key: uuid, people, text: text(MAX_MESSAGE_CHARS) });
const readUndo = formReader({ batch: uuid });

export const actions: Actions = {
	settle: ({ request, locals }) =>
		withFormError(async () => {
			const form = await readSettle(request);
			const input = { key: form.key, personIds: form.people.split(',') };
			return { settled: await settleCases(locals.db, signedIn(locals), input, locals.now) };
		}),

	write: ({ request, locals }) =>
		withFormError(async () => {
			const form = await readWrite(request);
			const input = { key: form.key, text: form.text, personIds: form.people.split(',') };
			const written = await writeToMany(locals.db, signedIn(locals), input, locals.now);
			return { written };
		}),

	finish: ({ request, locals }) =>
		withFormError(async () => {
			const form = await readSettle(request);
			const input = { key: form.key, personIds: form.people.split(',') };
			const today = isoDay(locals.now, locals.timeZone);
			return await finishFollowUps(locals.db, signedIn(locals), input, today, locals.now);
		}),

	undo: ({ request, locals }) =>
		withFormError(async () => {
			const { batch } = await readUndo(request);
			return { undone: await undoActs(locals.db, signedIn(locals), batch, locals.now) };
		})
};
