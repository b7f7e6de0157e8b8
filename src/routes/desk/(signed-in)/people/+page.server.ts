import { redirect } from '@sveltejs/kit';
import { isIsoDay, isoDay } from '$lib/server/clock';
import { Fault } from '$lib/server/fault';
import { actInBulk, MOST_IN_BULK, type BulkAct } from '$lib/server/people/change-people';
import {
	countriesOf,
	dropFilter,
	listPeople,
	savedFiltersOf,
	saveFilter,
	teamsOf
} from '$lib/server/people/list-people';
import { filterOfQuery } from '$lib/server/people/people-filter';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { UUID_PATTERN } from '$lib/server/http/person-schema';
import { formReader } from '$lib/server/http/read-body';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) =>
	orErrorPage(async () => {
		const actor = signedIn(locals);
		const filter = filterOfQuery(url.searchParams);
		const cursor = url.searchParams.get('after') ?? undefined;
		const [page, teams, countries, saved] = await Promise.all([
			listPeople(locals.db, actor, { filter, cursor }, locals.now),
			teamsOf(locals.db, actor),
			countriesOf(locals.db, actor),
			savedFiltersOf(locals.db, actor)
		]);
		return {
			filter,
			isFirst: cursor === undefined,
			...page,
			teams,
			countries,
			saved,
			mostInBulk: MOST_IN_BULK,
			today: isoDay(locals.now, locals.config.timeZone)
		};
	});

const readBulk = formReader<{
	act: BulkAct['kind'];
	ids?: string;
	expected: string;
	team?: string;
	due?: string;
	reason?: string;
}>({
	type: 'object',
	additionalProperties: false,
	required: ['act', 'expected'],
	properties: {
		act: { enum: ['send', 'team', 'leave', 'return', 'follow-up'] },
		ids: {
			type: 'string',
			maxLength: MOST_IN_BULK * 37,
			pattern: `^(?:${UUID_PATTERN.slice(1, -1)}(?:,${UUID_PATTERN.slice(1, -1)})*)?$`
		},
		expected: { type: 'string', pattern: '^[0-9]{1,6}$' },
		team: { type: 'string', maxLength: 80 },
		due: { type: 'string', maxLength: 10 },
		reason: { type: 'string', maxLength: 300 }
	}
});

const readSave = formReader<{ name: string; query: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['name', 'query'],
	properties: {
		name: { type: 'string', minLength: 1, maxLength: 60 },
		query: { type: 'string', maxLength: 500, pattern: '^[\\w%&=.+-]*$' }
	}
});

const readDrop = formReader<{ filter: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['filter'],
	properties: { filter: { type: 'string', pattern: UUID_PATTERN } }
});

function actOf(input: Awaited<ReturnType<typeof readBulk>>, today: string): BulkAct {
	if (input.act === 'team') return { kind: 'team', team: input.team ?? '' };
	if (input.act !== 'follow-up') return { kind: input.act };
	const due = input.due ?? '';
	if (!isIsoDay(due) || due < today) throw new Fault('invalid', 'Choose today or a later day.', '/due');
	return { kind: 'follow-up', due, reason: input.reason?.trim() ?? '' };
}

export const actions: Actions = {
	bulk: ({ request, locals, url }) =>
		orFailedForm(async () => {
			const input = await readBulk(request);
			const act = actOf(input, isoDay(locals.now, locals.config.timeZone));
			const whom = input.ids
				? { ids: [...new Set(input.ids.split(','))] }
				: { filter: filterOfQuery(url.searchParams) };
			const n = await actInBulk(
				locals.db,
				signedIn(locals),
				{ whom, act, expected: Number(input.expected) },
				locals.now
			);
			locals.wake('letters');
			return { bulk: { kind: act.kind, n } };
		}),

	save: ({ request, locals, url }) =>
		orFailedForm(async () => {
			const { name, query } = await readSave(request);
			await saveFilter(locals.db, signedIn(locals), { name: name.trim(), query });
			redirect(303, `${url.pathname}?${query}`);
		}),

	drop: ({ request, locals }) =>
		orFailedForm(async () => {
			const { filter } = await readDrop(request);
			await dropFilter(locals.db, signedIn(locals), filter);
			return { dropped: true };
		})
};
