import { Type } from 'typebox';
import {
	DIRECTORY_CHANGES,
	DIRECTORY_LENGTHS,
	TEAM_SOURCES
} from '$lib/core/people/directory/directory-settings';
import {
	applyDirectory,
	askForDirectory,
	directoryPage,
	setDirectory
} from '$lib/server/people/directory/directory-page';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, uuid, version, yesNo } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { importsOfToday } from '$lib/server/people/undo-import';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		return {
			isConnected: locals.config.directory !== null,
			...(await directoryPage(locals.db, actor)),
			imports: await importsOfToday(locals.db, actor, locals.now)
		};
	});

const readSettings = formReader({
	version,
	isOn: yesNo,
	usersFilter: text(DIRECTORY_LENGTHS.usersFilter),
	teamFrom: Type.Enum(TEAM_SOURCES),
	groupStart: Type.Optional(text(DIRECTORY_LENGTHS.groupStart)),
	...Object.fromEntries(DIRECTORY_CHANGES.map((change) => [`may-${change}`, Type.Optional(yesNo)]))
});

const count = Type.String({ pattern: '^[0-9]{1,7}$' });
const readApproval = formReader({
	key: uuid,
	readAt: Type.String({ maxLength: 30, pattern: '^[0-9TZ:.-]+$' }),
	added: count,
	changed: count,
	leaveAbsent: yesNo,
	takeBack: yesNo
});

export const actions: Actions = {
	read: ({ locals }) =>
		withFormError(async () => {
			await askForDirectory(locals.db, signedIn(locals), locals.now);
			return { isRead: true };
		}),

	apply: ({ request, locals }) =>
		withFormError(async () => {
			const { key, readAt, ...seen } = await readApproval(request);
			const approval = {
				key,
				readAt,
				added: Number(seen.added),
				changed: Number(seen.changed),
				leaveAbsent: seen.leaveAbsent === 'yes',
				takeBack: seen.takeBack === 'yes'
			};
			const report = await applyDirectory(locals.db, signedIn(locals), approval, locals.now);
			const moved =
				report.leaving + (approval.leaveAbsent ? report.absent : 0) + (approval.takeBack ? report.back : 0);
			return { applied: { added: report.added, changed: report.changed, moved } };
		}),

	save: ({ request, locals }) =>
		withFormError(async () => {
			const {
				version: seen,
				isOn,
				usersFilter,
				teamFrom,
				groupStart,
				...ticked
			} = await readSettings(request);
			const may = DIRECTORY_CHANGES.filter(
				(change) => (ticked as Record<string, unknown>)[`may-${change}`] === 'yes'
			);
			const settings = { isOn: isOn === 'yes', may, usersFilter, teamFrom, groupStart: groupStart ?? '' };
			await setDirectory(locals.db, signedIn(locals), { settings, version: Number(seen) }, locals.now);
			return { isSaved: true };
		})
};
