import { toString as qrOf } from 'qrcode';
import { Type } from 'typebox';
import { relyingPartyAt, listPasskeys, removePasskey } from '$lib/server/platform/access/passkeys';
import { enableTotp, disableTotp, newTotpSecret } from '$lib/server/platform/access/second-factor';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { requestOrigin, trustedOrigins } from '$lib/server/platform/http/trusted-origins';
import { formReader } from '$lib/server/platform/http/read-body';
import { ownSession } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

/** The secret of the authenticator codes, as an image to scan. */
async function offered(locals: App.Locals) {
	const { user, hasCode } = ownSession(locals);
	if (hasCode) return null;
	const { secret, uri } = await newTotpSecret(locals.db, user);
	const qr = await qrOf(uri, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
	return { secret, qr: `data:image/svg+xml;base64,${Buffer.from(qr).toString('base64')}` };
}

export const load: PageServerLoad = ({ locals, request }) =>
	withErrorPage(async () => {
		const { user, hasFactor } = ownSession(locals);
		const { config, db } = locals;
		const isNeeded = config.secondFactorRoles.includes(user.role);
		return {
			offer: await offered(locals),
			passkeys: await listPasskeys(db, user.id),
			namedAddress: relyingPartyAt(requestOrigin(request, config))
				? null
				: (trustedOrigins(config).find((origin) => relyingPartyAt(origin)) ?? null),
			isNeeded,
			mustSetUp: isNeeded && !hasFactor
		};
	});

const read = formReader({ code: Type.String({ minLength: 1, maxLength: 20 }) });

const readRemove = formReader({ passkey: Type.String({ minLength: 1, maxLength: 1400 }) });

export const actions: Actions = {
	begin: ({ request, locals }) =>
		withFormError(async () => {
			const { code } = await read(request);
			return { codes: await enableTotp(locals.db, ownSession(locals).user, code, locals.now) };
		}),

	end: ({ locals }) =>
		withFormError(async () => {
			await disableTotp(locals.db, ownSession(locals).user, locals.now);
			return { ended: true };
		}),

	remove: ({ request, locals }) =>
		withFormError(async () => {
			const { passkey } = await readRemove(request);
			await removePasskey(locals.db, ownSession(locals).user, passkey, locals.now);
			return { removed: true };
		})
};
