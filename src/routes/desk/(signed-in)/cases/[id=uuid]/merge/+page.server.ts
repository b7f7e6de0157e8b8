import { redirect } from '@sveltejs/kit';
import { Type } from 'typebox';
import { ROSTER_FIELDS } from '$lib/core/people/exchange/roster-fields';
import { DomainError } from '$lib/server/platform/domain-error';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { UUID_PATTERN } from '$lib/core/platform/uuid';
import { uuid } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { mergePeople, readMergePage } from '$lib/server/people/merge-people';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

const IS_ID = new RegExp(UUID_PATTERN);

export const load: PageServerLoad = ({ locals, params, url }) =>
	withErrorPage(() => {
		const wanted = url.searchParams.get('with') ?? '';
		const search = (url.searchParams.get('find') ?? '').replaceAll('\0', '').slice(0, 100);
		return readMergePage(locals.db, signedIn(locals), params.id, {
			search,
			withId: IS_ID.test(wanted) ? wanted : null
		});
	});

const fieldOf = (name: string) => `keep-${name}` as const;

const read = formReader({
	other: uuid,
	confirmed: Type.Optional(Type.Literal('yes')),
	...Object.fromEntries(
		ROSTER_FIELDS.map((name) => [fieldOf(name), Type.Optional(Type.Enum(['this', 'other']))])
	)
});

export const actions: Actions = {
	merge: ({ request, locals, params }) =>
		withFormError(async () => {
			const actor = signedIn(locals);
			const fields = (await read(request)) as Readonly<Record<string, string | undefined>>;
			if (fields.confirmed !== 'yes') throw new DomainError('invalid', 'confirmMerge', '/confirmed');
			const detailsOfOther = ROSTER_FIELDS.filter((name) => fields[fieldOf(name)] === 'other');
			const merge = { personId: params.id, otherId: fields.other ?? '', detailsOfOther };
			await mergePeople(locals.db, actor, merge, locals.now);
			redirect(303, `/desk/cases/${params.id}`);
		})
};
