import { Type } from 'typebox';
import { redirect } from '@sveltejs/kit';
import { isValidDay, isoDay } from '$lib/server/platform/clock';
import { DomainError } from '$lib/server/platform/domain-error';
import { BULK_ACTS, PEOPLE_COLUMNS, parsePeopleColumns } from '$lib/core/people';
import { directoryDifferences } from '$lib/server/people/directory/directory-page';
import { actInBulk, MAX_IN_BULK, type BulkAct } from '$lib/server/people/act-in-bulk';
import { listPeople, teamsAndCountriesOf } from '$lib/server/people/list-people';
import { deleteFilter, savedFiltersOf, saveFilter } from '$lib/server/people/saved-filters';
import { requirePermission } from '$lib/server/platform/access/require-permission';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { sortOrderOfQuery } from '$lib/server/people/people-order';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { day, text, uuid, uuids } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

/** The columns shown on this device. */
const COLUMNS_COOKIE = 'people-columns';
const A_YEAR_S = 365 * 24 * 60 * 60;

export const load: PageServerLoad = ({ locals, url, cookies }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		const filter = filterOfQuery(url.searchParams);
		const order = sortOrderOfQuery(url.searchParams);
		const cursor = url.searchParams.get('after') ?? undefined;
		const [page, choices, saved, differences] = await Promise.all([
			listPeople(locals.db, actor, { filter, order, cursor, now: locals.now }),
			teamsAndCountriesOf(locals.db, actor),
			savedFiltersOf(locals.db, actor),
			locals.config.directory ? directoryDifferences(locals.db) : null
		]);
		return {
			filter,
			order,
			columns: parsePeopleColumns(cookies.get(COLUMNS_COOKIE) ?? ''),
			isFirst: cursor === undefined,
			...page,
			...choices,
			saved,
			differences,
			mostInBulk: MAX_IN_BULK,
			today: isoDay(locals.now, locals.timeZone)
		};
	});

const readBulk = formReader({
	key: uuid,
	act: Type.Enum(BULK_ACTS),
	ids: Type.Optional(Type.Union([uuids(MAX_IN_BULK), Type.Literal('')])),
	expected: Type.String({ pattern: '^[0-9]{1,6}$' }),
	team: Type.Optional(text(80)),
	due: Type.Optional(day),
	reason: Type.Optional(text(300))
});

const readSave = formReader({
	name: Type.String({ minLength: 1, maxLength: 60 }),
	query: Type.String({ maxLength: 500, pattern: '^[\\w%&=.+-]*$' })
});

const readDrop = formReader({ filter: uuid });

const readColumns = formReader(
	Object.fromEntries(PEOPLE_COLUMNS.map((column) => [column, Type.Optional(Type.Literal('yes'))]))
);

function actOf(input: Awaited<ReturnType<typeof readBulk>>, today: string): BulkAct {
	if (input.act === 'team') return { kind: 'team', team: input.team ?? '' };
	if (input.act !== 'follow-up') return { kind: input.act };
	const due = input.due ?? '';
	if (!isValidDay(due) || due < today) throw new DomainError('invalid', 'dayHasPassed', '/due');
	return { kind: 'follow-up', due, reason: input.reason?.trim() ?? '' };
}

export const actions: Actions = {
	bulk: ({ request, locals, url }) =>
		withFormError(async () => {
			const input = await readBulk(request);
			const act = actOf(input, isoDay(locals.now, locals.timeZone));
			const whom = input.ids
				? { ids: [...new Set(input.ids.split(','))] }
				: { filter: filterOfQuery(url.searchParams) };
			const { n, leftOut } = await actInBulk(
				locals.db,
				signedIn(locals),
				{ whom, act, expected: Number(input.expected), key: input.key },
				locals.now
			);
			return { bulk: { kind: act.kind, n, leftOut } };
		}),

	save: ({ request, locals, url }) =>
		withFormError(async () => {
			const { name, query } = await readSave(request);
			await saveFilter(locals.db, signedIn(locals), { name: name.trim(), query });
			redirect(303, `${url.pathname}?${query}`);
		}),

	columns: ({ request, locals, cookies, url }) =>
		withFormError(async () => {
			requirePermission(signedIn(locals), 'people:read');
			const chosen = Object.keys(await readColumns(request));
			cookies.set(COLUMNS_COOKIE, chosen.join('.'), {
				path: '/desk/people',
				maxAge: A_YEAR_S,
				secure: url.protocol === 'https:'
			});
			return { columns: true };
		}),

	drop: ({ request, locals }) =>
		withFormError(async () => {
			const { filter } = await readDrop(request);
			await deleteFilter(locals.db, signedIn(locals), filter);
			return { dropped: true };
		})
};
