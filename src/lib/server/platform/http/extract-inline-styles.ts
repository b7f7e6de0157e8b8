/** A start tag with its attributes as Svelte writes it: values in double quotes, which never contain `"` and `<`. */
const TAG = /<[a-zA-Z][^\s/>]*(?:\s+[^\s=>"'/]+(?:="[^"]*")?)*\s*\/?>/y;
const STYLE = /\sstyle="([^"]*)"/;

/** How Svelte writes one: few tags of a page have it, and only those are read. */
const MARK = ' style="';

/** Repeated, a class outweighs a component's own rules, as the attribute did. */
const WEIGHT = 5;

/** The value of an attribute, decoded. */
const text = (value: string) =>
	value.replaceAll('&quot;', '"').replaceAll('&lt;', '<').replaceAll('&amp;', '&');

/** A style that can't break out of its declaration: nothing in it closes a rule or the element. */
const isPlain = (style: string) => !/[{}<>\\]/.test(style);

/**
 * A page with its style attributes moved into one style element, which a policy can allow by its nonce; attributes it can't. Styles set
 * later by scripts are not subject to the policy and take precedence. A style that is no plain list of declarations is dropped.
 * @param html a whole page; others are returned unchanged
 */
export function extractInlineStyles(html: string): string {
	const nonce = /<script[^>]*\snonce="([^"]+)"/.exec(html)?.[1];
	const end = html.indexOf('</head>');
	if (!nonce || end < 0 || !html.includes(MARK, end)) return html;
	const places = new Map<string, number>();
	const replaced = (tag: string) => {
		const style = STYLE.exec(tag)?.[1];
		if (style === undefined) return tag;
		const plain = text(style).trim();
		if (plain === '' || !isPlain(plain)) return tag.replace(STYLE, '');
		const place = places.get(plain) ?? places.size;
		places.set(plain, place);
		return tag.replace(STYLE, ` data-style="${place}"`);
	};
	let body = '';
	let done = end;
	for (let at = html.indexOf(MARK, end); at >= 0; at = html.indexOf(MARK, Math.max(at + 1, done))) {
		const start = html.lastIndexOf('<', at);
		TAG.lastIndex = start;
		const tag = start < done ? undefined : TAG.exec(html)?.[0];
		// In a text or in another attribute it is none.
		if (tag === undefined || start + tag.length <= at) continue;
		body += html.slice(done, start) + replaced(tag);
		done = start + tag.length;
	}
	body += html.slice(done);
	const rules = [...places].map(([style, place]) => `${`[data-style="${place}"]`.repeat(WEIGHT)}{${style}}`);
	return `${html.slice(0, end)}<style nonce="${nonce}">${rules.join('')}</style>${body}`;
}

/** A policy that allows the styles of {@link extractInlineStyles}, by the nonce it has for scripts. */
export function withStyleNonce(policy: string): string {
	const nonce = /'nonce-[^']+'/.exec(policy)?.[0];
	return !nonce || new RegExp(`style-src [^;]*${nonce.replace(/[+/=]/g, '\\$&')}`).test(policy)
		? policy
		: policy.replace(/style-src ([^;]*)/, `style-src $1 ${nonce}`);
}
