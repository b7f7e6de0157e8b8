import { redirect } from '@sveltejs/kit';
import { toString as qrOf } from 'qrcode';
import { Type } from 'typebox';
import { beginCode, endCode, offerSecret } from '$lib/server/access/second-factor';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import type { Actions, PageServerLoad } from './$types';

function own({ session }: App.Locals) {
	if (!session || session.isPending) redirect(303, '/desk/sign-in');
	return session;
}

export const load: PageServerLoad = ({ locals }) =>
	orErrorPage(async () => {
		const { user, hasCode } = own(locals);
		const isNeeded = locals.config.secondFactorRoles.includes(user.role);
		if (hasCode) return { offer: null, isNeeded };
		const { secret, uri } = await offerSecret(locals.db, user);
		const qr = await qrOf(uri, { type: 'svg', margin: 2, errorCorrectionLevel: 'M' });
		return {
			offer: { secret, qr: `data:image/svg+xml;base64,${Buffer.from(qr).toString('base64')}` },
			isNeeded
		};
	});

const read = formReader({ code: Type.String({ minLength: 1, maxLength: 20 }) });

export const actions: Actions = {
	begin: ({ request, locals }) =>
		orFailedForm(async () => {
			const { code } = await read(request);
			return { codes: await beginCode(locals.db, own(locals).user, code, locals.now) };
		}),

	end: ({ locals }) =>
		orFailedForm(async () => {
			await endCode(locals.db, own(locals).user, locals.now);
			return { ended: true };
		})
};
