import { describe, expect, it } from 'vitest';
import { extractInlineStyles, withStyleNonce } from './extract-inline-styles';

const page = (body: string) => `<html><head><script nonce="abc">1</script></head><body>${body}</body></html>`;

describe('style attributes', () => {
	it('stand in one element with the nonce of the page, each once, and weigh more than a class', () => {
		const html = extractInlineStyles(
			page('<p class="a" style="width: 4%"></p><b style="width: 4%" id="x">y</b>')
		);
		expect(html).toContain('<p class="a" data-style="0"></p><b data-style="0" id="x">y</b>');
		expect(html.match(/<style nonce="abc">(.*?)<\/style>/)?.[1]).toBe(
			`${'[data-style="0"]'.repeat(5)}{width: 4%}`
		);
		expect(html).not.toContain(' style="');
	});

	it('are found behind values with signs in them, and not in what is text', () => {
		const html = extractInlineStyles(
			page(
				'<a title="a > b" style="left:1px">a style="x"</a><i>b style="y"</i> style="z"<p style="left:1px" hidden></p>'
			)
		);
		expect(html).toContain(
			'<a title="a > b" data-style="0">a style="x"</a><i>b style="y"</i> style="z"<p data-style="0" hidden></p>'
		);
	});

	it('never close the rule or the element they are in', () => {
		const html = extractInlineStyles(
			page('<p style="}</style><script>x</script>{"></p><i style="a:b}*{c:d"></i>')
		);
		expect(html).not.toContain('<style nonce="abc">}');
		expect(html).not.toContain('c:d}');
	});

	it('are left alone where there is no page around them', () => {
		expect(extractInlineStyles('<p style="a:b"></p>')).toBe('<p style="a:b"></p>');
	});
});

describe('the policy', () => {
	it('lets them through by the nonce of the scripts, said once', () => {
		const policy = "style-src 'self'; script-src 'self' 'nonce-a+b/c=='";
		const once = withStyleNonce(policy);
		expect(once).toBe("style-src 'self' 'nonce-a+b/c=='; script-src 'self' 'nonce-a+b/c=='");
		expect(withStyleNonce(once)).toBe(once);
		expect(withStyleNonce("style-src 'self'")).toBe("style-src 'self'");
	});
});
