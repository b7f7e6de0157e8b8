import type { GreyPicture } from '$lib/core/body/side-photo/find-sheet-corners';

/** A picture opened on this device; nothing of it is sent. */
export interface OpenPicture {
	readonly bitmap: ImageBitmap;
	readonly widthPx: number;
	readonly heightPx: number;
	/** For finding edges. */
	readonly grey: GreyPicture;
	/** Focal length as a 35 mm camera's, mm, where the file says it. */
	readonly focalMm: number | null;
}

/** A larger picture is made smaller: edges are found to a fraction of a pixel, and a phone's memory is small. */
const MOST_PX = 3000;

/** Below this, on the longer side, joints can't be distinguished. */
export const LEAST_PX = 600;

/** What a 35 mm camera's lens can be for such a picture, mm. */
const FOCAL_MM = [15, 120] as const;

/** The picture cannot be opened, or is too small. */
export class PictureError extends Error {
	override readonly name = 'PictureError';

	constructor(readonly why: 'not-opened' | 'too-small') {
		super(why);
	}
}

async function focalLengthOf(file: Blob): Promise<number | null> {
	try {
		const { default: exif } = await import('exifr');
		const read = (await exif.parse(file, ['FocalLengthIn35mmFormat'])) as
			| { FocalLengthIn35mmFormat?: unknown }
			| undefined;
		const mm = Number(read?.FocalLengthIn35mmFormat);
		return mm >= FOCAL_MM[0] && mm <= FOCAL_MM[1] ? mm : null;
	} catch {
		// A picture that says nothing of its camera is as good, only less exact.
		return null;
	}
}

/**
 * Opens a picture on this device.
 * @throws PictureError where it is none, or too small to measure in
 */
export async function openPicture(file: Blob): Promise<OpenPicture> {
	const whole = await createImageBitmap(file).catch(() => {
		throw new PictureError('not-opened');
	});
	const longer = Math.max(whole.width, whole.height);
	if (longer < LEAST_PX) throw new PictureError('too-small');
	const shrunk = Math.min(1, MOST_PX / longer);
	const [width, height] = [Math.round(whole.width * shrunk), Math.round(whole.height * shrunk)];
	const canvas = document.createElement('canvas');
	Object.assign(canvas, { width, height });
	const drawing = canvas.getContext('2d', { willReadFrequently: true });
	if (!drawing) throw new PictureError('not-opened');
	drawing.drawImage(whole, 0, 0, width, height);
	const { data } = drawing.getImageData(0, 0, width, height);
	const grey = new Uint8Array(width * height);
	for (let i = 0; i < grey.length; i += 1)
		grey[i] = 0.299 * data[4 * i]! + 0.587 * data[4 * i + 1]! + 0.114 * data[4 * i + 2]!;
	whole.close();
	return {
		bitmap: await createImageBitmap(canvas),
		widthPx: width,
		heightPx: height,
		grey: { width, height, data: grey },
		focalMm: await focalLengthOf(file)
	};
}
