import { toString as qrOf } from 'qrcode';
import { Type } from 'typebox';
import { partyAt, passkeysOf, removePasskey } from '$lib/server/access/passkeys';
import { beginCode, endCode, offerSecret } from '$lib/server/access/second-factor';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { originOf, ownOrigins } from '$lib/server/http/own-origin';
import { formReader } from '$lib/server/http/read-body';
import { ownSession } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

/** The secret for codes of a phone, as a picture to scan. */
async function offered(locals: App.Locals) {
	const { user, hasCode } = ownSession(locals);
	if (hasCode) return null;
	const { secret, uri } = await offerSecret(locals.db, user);
	const qr = await qrOf(uri, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
	return { secret, qr: `data:image/svg+xml;base64,${Buffer.from(qr).toString('base64')}` };
}

export const load: PageServerLoad = ({ locals, request }) =>
	orErrorPage(async () => {
		const { user, hasFactor } = ownSession(locals);
		const { config, db } = locals;
		const isNeeded = config.secondFactorRoles.includes(user.role);
		return {
			offer: await offered(locals),
			passkeys: await passkeysOf(db, user.id),
			namedAddress: partyAt(originOf(request, config))
				? null
				: (ownOrigins(config).find((origin) => partyAt(origin)) ?? null),
			isNeeded,
			mustSetUp: isNeeded && !hasFactor
		};
	});

const read = formReader({ code: Type.String({ minLength: 1, maxLength: 20 }) });

const readRemove = formReader({ passkey: Type.String({ minLength: 1, maxLength: 1400 }) });

export const actions: Actions = {
	begin: ({ request, locals }) =>
		orFailedForm(async () => {
			const { code } = await read(request);
			return { codes: await beginCode(locals.db, ownSession(locals).user, code, locals.now) };
		}),

	end: ({ locals }) =>
		orFailedForm(async () => {
			await endCode(locals.db, ownSession(locals).user, locals.now);
			return { ended: true };
		}),

	remove: ({ request, locals }) =>
		orFailedForm(async () => {
			const { passkey } = await readRemove(request);
			await removePasskey(locals.db, ownSession(locals).user, passkey, locals.now);
			return { removed: true };
		})
};
