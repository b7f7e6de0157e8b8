/**
 * An email's HTML as an answer of its own, for a frame: it has the styles that it writes itself, which no page of ours may have, and can neither run nor
 * load anything.
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

/** The same email in a mail program that loads no pictures. */
export const withoutPictures = (html: string): string => html.replace(/(<img [^>]*?)src="[^"]*"/g, '$1');
