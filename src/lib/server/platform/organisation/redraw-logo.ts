import sharp from 'sharp';
import { MAX_LOGO_BYTES } from '../../../core/platform/organisation';
import { DomainError } from '../domain-error';
import type { Logo } from './read-organisation';

/** Twice the size at which a logo is shown, so that it is sharp on every screen. Pixels. */
const MOST_PX = { width: 480, height: 160 } as const;

/** An image with more pixels than this is refused before decoding: a small file can unpack to gigabytes. */
const MOST_PIXELS = 40_000_000;

/** Formats that can be drawn without running anything: an SVG may contain scripts and load files. */
const FORMATS: readonly (string | undefined)[] = ['png', 'jpeg', 'webp'];

/**
 * Redraws an uploaded logo as a PNG that fits {@link MOST_PX}: nothing of the file itself is kept, neither what it hides nor where a photo
 * was taken.
 * @throws DomainError `logoUnreadable` where it is too large, or not a PNG, JPEG or WebP
 */
export async function redrawLogo(upload: Uint8Array): Promise<Logo> {
	const unreadable = () => new DomainError('invalid', 'logoUnreadable', '/logo');
	if (upload.byteLength === 0 || upload.byteLength > MAX_LOGO_BYTES) throw unreadable();
	const picture = sharp(upload, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
	try {
		const { format } = await picture.metadata();
		if (!FORMATS.includes(format)) throw unreadable();
		const { data, info } = await picture
			.autoOrient()
			.resize({ ...MOST_PX, fit: 'inside', withoutEnlargement: true })
			.png({ palette: true })
			.toBuffer({ resolveWithObject: true });
		return { png: data, widthPx: info.width, heightPx: info.height };
	} catch (error) {
		if (error instanceof DomainError) throw error;
		// sharp has one kind of error for every unreadable image.
		throw unreadable();
	}
}
