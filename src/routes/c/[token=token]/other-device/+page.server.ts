import { toString } from 'qrcode';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, url }) => ({
	// Dark on light whatever the theme, as cameras need.
	code: await toString(`${url.origin}/c/${params.token}`, {
		type: 'svg',
		errorCorrectionLevel: 'M',
		margin: 3,
		color: { dark: '#22303c', light: '#ffffff' }
	})
});
