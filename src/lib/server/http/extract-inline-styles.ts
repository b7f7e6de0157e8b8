/** A start tag with its attributes, as Svelte writes it: values in double quotes, in which `"` and `<` never stand. */
const TAG = /<[a-zA-Z][^\s/>]*(?:\s+[^\s=>"'/]+(?:="[^"]*")?)*\s*\/?>/g;
const STYLE = /\sstyle="([^"]*)"/;

/** Repeated, it weighs more than what a component says of its class, as the attribute did. */
const WEIGHT = 5;

/** A value as it stands in an attribute, as text again. */
const text = (value: string) =>
	value.replaceAll('&quot;', '"').replaceAll('&lt;', '<').replaceAll('&amp;', '&');

/** What can't leave a declaration: nothing of a page closes a rule or its element. */
const isPlain = (style: string) => !/[{}<>\\]/.test(style);

/**
 * A page whose style attributes stand in one element of their own, which a policy can let through by its nonce: attributes it can't. What
 * scripts change later goes past the policy and stands over it. One that is no plain list of declarations is left out.
 *
 * @param html a whole page; others come back as they are
 */
export function extractInlineStyles(html: string): string {
	const nonce = /<script[^>]*\snonce="([^"]+)"/.exec(html)?.[1];
	const end = html.indexOf('</head>');
	if (!nonce || end < 0 || !STYLE.test(html)) return html;
	const places = new Map<string, number>();
	const body = html.slice(end).replace(TAG, (tag) => {
		const style = STYLE.exec(tag)?.[1];
		if (style === undefined) return tag;
		const plain = text(style).trim();
		if (plain === '' || !isPlain(plain)) return tag.replace(STYLE, '');
		const place = places.get(plain) ?? places.size;
		places.set(plain, place);
		return tag.replace(STYLE, ` data-style="${place}"`);
	});
	const rules = [...places].map(([style, place]) => `${`[data-style="${place}"]`.repeat(WEIGHT)}{${style}}`);
	return `${html.slice(0, end)}<style nonce="${nonce}">${rules.join('')}</style>${body}`;
}

/** A policy that lets the styles of {@link extractInlineStyles} through: by the nonce that it has for scripts. */
export function withStyleNonce(policy: string): string {
	const nonce = /'nonce-[^']+'/.exec(policy)?.[0];
	return !nonce || new RegExp(`style-src [^;]*${nonce.replace(/[+/=]/g, '\\$&')}`).test(policy)
		? policy
		: policy.replace(/style-src ([^;]*)/, `style-src $1 ${nonce}`);
}
