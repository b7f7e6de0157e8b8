import { expect, type APIRequestContext } from '@playwright/test';
import { HtmlValidate } from 'html-validate';
import { DESK_PAGES, EVERY_PAGE, answeredLike, posted, sendTo, signIn, deskTest as test } from './support';

/**
 * The rules of html-validate's recommended set, but for those of style, which the compiler decides: `<br/>` and `selected=""` are the same
 * markup as `<br>` and `selected`, and a raw `>` is text.
 */
const checker = new HtmlValidate({
	extends: ['html-validate:recommended'],
	rules: {
		'attribute-boolean-style': 'off',
		'attribute-empty-style': 'off',
		'doctype-style': 'off',
		// Two boxes of which one at most is ticked have one name.
		'form-dup-name': 'off',
		'no-raw-characters': 'off',
		'no-trailing-whitespace': 'off',
		'void-style': 'off',
		// An id may hold anything but white space (HTML, 3.2.6); ours are the names of fields, such as `thing.2.count`.
		'valid-id': ['error', { relaxed: true }]
	}
});

/** What is wrong with the markup of pages, as the server sends it. */
async function faultsOf(request: APIRequestContext, paths: readonly string[]): Promise<string[]> {
	const faults: string[] = [];
	for (const path of paths) {
		const response = await request.get(path, { headers: { accept: 'text/html' } });
		expect(response.status(), path).toBe(200);
		const { results } = await checker.validateString(await response.text());
		for (const { messages } of results)
			for (const { ruleId, message, selector, severity } of messages)
				if (severity === 2) faults.push(`${path}: ${ruleId}: ${message} ${selector ?? ''}`);
	}
	return faults;
}

test('the markup of every page of both doors is valid: names, levels of headings, what stands within what', async ({
	page
}) => {
	// The checker finds a fault.
	const { valid } = await checker.validateString('<p><span><form></form></span></p>');
	expect(valid).toBe(false);
	await signIn(page);
	const { link } = await answeredLike(page, 'Marka Upworth', 'Mirela Oakhanger');
	const fresh = await sendTo(page, 'Marka Freshworth');
	const { caseUrl } = await answeredLike(page, 'Marka Caseworth', 'Mirela Oakhanger');
	// What is only there once it was used: a filter with a name.
	await posted(page, '/desk/people?/save', { name: 'Marked', query: 'team=Testing' });
	const desk = [
		...DESK_PAGES,
		'/desk/follow-ups?view=week',
		'/desk/equipment/budget?money=900',
		'/desk/organisation/translations',
		'/desk/organisation/emails?kind=reply-stuck&language=fr',
		'/desk/organisation/checklist/question?id=get-up',
		`${new URL(caseUrl).pathname}/inspection`,
		...['', '?part=plan', '?part=follow-up', '?part=equipment', '?part=person', '?part=said'].map(
			(part) => `${new URL(caseUrl).pathname}${part}`
		),
		'/desk/sign-in',
		'/post',
		'/'
	];
	expect(await faultsOf(page.request, desk)).toEqual([]);
	expect(await faultsOf(page.request, [fresh.link, ...EVERY_PAGE.map((path) => `${link}${path}`)])).toEqual(
		[]
	);
});
