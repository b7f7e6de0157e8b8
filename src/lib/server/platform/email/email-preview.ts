/**
 * An email's HTML as a response of its own, for a frame: it has its own inline styles, which none of our pages may have, and can neither
 * run nor load anything.
 */
export function emailPreview(html: string): Response {
	return new Response(html, {
		headers: {
			'content-type': 'text/html; charset=utf-8',
			'content-security-policy':
				"default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'self'; sandbox",
			'cache-control': 'no-store'
		}
	});
}

/** The same email in a mail program that loads no images. */
export const withoutPictures = (html: string): string => html.replace(/(<img [^>]*?)src="[^"]*"/g, '$1');
