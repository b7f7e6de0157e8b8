import { randomUUID } from 'node:crypto';
import { expect, type Page } from '@playwright/test';
import { ANSWER_FIELDS } from '../src/lib/core/questionnaire/answers/answer-fields';
import { DEMO_PEOPLE } from '../seed/people';
import { NO_SIGNS } from '../seed/profiles';
import { agree, EVERY_PAGE, posted, sendTo, deskTest as test } from './support';

/** Text that would run if it were read as markup, as an attribute, as a script or as a template. */
const HOSTILE = `'"><img src=x onerror="ran=1"><script>ran=1</script>{{1}}`;

/** Fields of the self-assessment that keep what someone typed. */
const TYPED_FIELDS = [...ANSWER_FIELDS].filter(([, values]) => values === 'text').map(([name]) => name);

/** Opens a page and fails if any part of {@link HOSTILE} ran or became an element. */
async function expectHarmless(page: Page, path: string): Promise<void> {
	const response = await page.goto(path);
	expect(response?.status() ?? 0, path).toBeLessThan(500);
	expect(
		await page.evaluate(() => ({
			ran: Reflect.get(window, 'ran') as unknown,
			made: document.querySelectorAll('img[src="x"], [onerror]').length
		})),
		path
	).toEqual({ ran: undefined, made: 0 });
}

async function save(page: Page, link: string, fields: Record<string, string>): Promise<void> {
	const saved = await page.request.put(`${link}/draft`, { data: { fields } });
	expect(saved.status()).toBe(200);
}

/** The version that a form on a page carries. */
async function versionIn(page: Page, address: string, form: string): Promise<string> {
	const html = await (await page.request.get(address)).text();
	return /name="version" value="(\d+)"/.exec(html.slice(html.indexOf(`?/${form}"`)))?.[1] ?? '';
}

test('hostile text in every field stands as text on every page of both doors', async ({ page }) => {
	const refused: string[] = [];
	await page.context().exposeFunction('policyRefused', (what: string) => void refused.push(what));
	await page.context().addInitScript(() =>
		document.addEventListener('securitypolicyviolation', (event) => {
			const tell = Reflect.get(window, 'policyRefused') as (what: string) => void;
			tell(`${location.pathname} ${event.violatedDirective}`);
		})
	);
	page.on('dialog', (dialog) => refused.push(`dialog: ${dialog.message()}`));

	// Someone half-way through the questions, with hostile text in every field that can be typed into.
	const asked = await sendTo(page, 'Hostile Unsent');
	await agree(page, asked.link);
	await save(page, asked.link, Object.fromEntries(TYPED_FIELDS.map((name) => [name, HOSTILE])));
	await save(page, asked.link, { 'thing.0.kind': 'hardback', 'thing.0.label': HOSTILE });
	// Someone who has answered, with hostile text wherever text is kept.
	const sent = await sendTo(page, 'Hostile Answered');
	await agree(page, sent.link);
	const answers = DEMO_PEOPLE.find(({ name }) => name === 'Mirela Oakhanger')?.answers ?? {};
	const labels = Object.keys(answers).filter((name) => name.endsWith('.label'));
	await save(page, sent.link, {
		...NO_SIGNS,
		...answers,
		...Object.fromEntries(labels.map((name) => [name, HOSTILE]))
	});
	expect(await (await page.request.post(`${sent.link}/submit`)).json()).toEqual({ ok: true });
	const at = new URL(sent.caseUrl).pathname;
	const id = at.split('/').at(-1) ?? '';
	await posted(page, `${at}?/person`, {
		version: await versionIn(page, `${at}?part=person`, 'person'),
		name: HOSTILE,
		email: 'hostile.answered@lanterns.example',
		team: HOSTILE
	});
	for (const name of ['message', 'note'])
		await posted(page, `${at}?/${name}`, { key: randomUUID(), text: HOSTILE });
	await posted(page, `${at}?/later`, {
		key: randomUUID(),
		version: await versionIn(page, at, 'later'),
		until: '2099-01-01',
		reason: HOSTILE
	});
	await posted(page, `${sent.link}/messages`, { text: HOSTILE, key: randomUUID() });
	await posted(page, '/desk/people?/save', { name: HOSTILE, query: 'team=x' });
	await posted(page, '/desk/users?/invite', {
		name: HOSTILE,
		email: 'hostile.reader@lanterns.example',
		role: 'clinician'
	});
	await posted(page, '/desk/rounds/new', {
		name: HOSTILE,
		sittingStyle: 'upright',
		questionnaireMode: 'short',
		breakSchedule: 'half-hour',
		// Braces would name fields that a round doesn't have.
		subject: HOSTILE.split('{')[0] ?? '',
		body: HOSTILE.split('{')[0] ?? '',
		startsOn: '2099-01-01',
		dueOn: '2099-01-02',
		timeZone: 'UTC'
	});

	await page.goto(at);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(HOSTILE);
	const desk = [
		...[
			'',
			'?part=answers',
			'?part=messages',
			'?part=history',
			'?part=person',
			'/everything',
			'/erase',
			'/letter'
		].map((part) => `${at}${part}`),
		`/desk/cases/${new URL(asked.caseUrl).pathname.split('/').at(-1) ?? ''}`,
		'/desk',
		`/desk?q=${encodeURIComponent(HOSTILE)}`,
		'/desk/people',
		`/desk/people?q=${encodeURIComponent(HOSTILE)}&team=${encodeURIComponent(HOSTILE)}`,
		'/desk/rounds',
		'/desk/follow-ups?view=list',
		'/desk/equipment',
		`/desk/equipment/budget?money=${encodeURIComponent(HOSTILE)}`,
		'/desk/users',
		`/desk/record?person=${id}`,
		`/desk/record?act=${encodeURIComponent(HOSTILE)}`,
		'/desk/workforce/answers?by=team',
		'/desk/workforce/to-buy',
		'/post',
		`/desk/sign-in?why=${encodeURIComponent(HOSTILE)}`,
		`/desk/confirm?to=${encodeURIComponent(`/desk/${HOSTILE}`)}`
	];
	for (const path of desk) await expectHarmless(page, path);
	await page.goto('/desk/rounds');
	await page.getByRole('link', { name: HOSTILE }).first().click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText(HOSTILE);
	await expectHarmless(page, new URL(page.url()).pathname);
	await page.setViewportSize({ width: 390, height: 844 });
	for (const { link } of [asked, sent])
		for (const part of EVERY_PAGE) await expectHarmless(page, `${link}${part}`);
	expect(refused).toEqual([]);
});
