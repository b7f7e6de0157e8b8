import { Type } from 'typebox';
import { WEBHOOK_KINDS, WEBHOOK_LENGTHS } from '$lib/core/platform/webhooks/webhook-kinds';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text, uuid, version, yesNo } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { signedIn } from '$lib/server/platform/signed-in';
import { postSigned } from '$lib/server/platform/webhooks/post-signed';
import { removeWebhook, setWebhook, tryWebhook, webhooksPage } from '$lib/server/platform/webhooks/webhooks';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) =>
	withErrorPage(() => webhooksPage(locals.db, signedIn(locals)));

const read = formReader({
	webhook: Type.Union([Type.Literal(''), uuid]),
	version,
	name: text(WEBHOOK_LENGTHS.name),
	url: text(WEBHOOK_LENGTHS.url),
	isOn: yesNo,
	...Object.fromEntries(WEBHOOK_KINDS.map((kind) => [kind, Type.Optional(yesNo)]))
});
const readId = formReader({ webhook: uuid });

export const actions: Actions = {
	save: ({ request, locals }) =>
		withFormError(async () => {
			const { webhook: id, version: seen, name, url, isOn, ...ticked } = await read(request);
			const kinds = WEBHOOK_KINDS.filter((kind) => (ticked as Record<string, unknown>)[kind] === 'yes');
			const input = { id: id || null, name, url, kinds, isOn: isOn === 'yes', version: Number(seen) };
			return { saved: await setWebhook(locals.db, signedIn(locals), input, locals.now) };
		}),

	try: ({ request, locals }) =>
		withFormError(async () => {
			const { webhook: id } = await readId(request);
			const post = postSigned(locals.config.privateHosts);
			const result = await tryWebhook(locals.db, signedIn(locals), { id, post }, locals.now);
			return { tried: id, result };
		}),

	remove: ({ request, locals }) =>
		withFormError(async () => {
			await removeWebhook(locals.db, signedIn(locals), (await readId(request)).webhook, locals.now);
			return { removed: true };
		})
};
