import { toString } from 'qrcode';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => ({
	// Dark on light whatever the theme: cameras want it so.
	code: await toString(`${url.origin}/c/${params.token}`, {
		type: 'svg',
		errorCorrectionLevel: 'M',
		margin: 3,
		color: { dark: '#22303c', light: '#ffffff' }
	})
});
