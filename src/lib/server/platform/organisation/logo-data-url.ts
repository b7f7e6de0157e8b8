import type { Logo } from './read-organisation';

/** A logo embedded in a page: a preview must look as the email will, without loading anything. */
export const logoDataUrl = ({ png }: Pick<Logo, 'png'>): string =>
	`data:image/png;base64,${png.toString('base64')}`;
