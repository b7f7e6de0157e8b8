import { randomUUID } from 'node:crypto';
import { expect, type BrowserContext, type Locator, type Page } from '@playwright/test';
import { Secret, TOTP } from 'otpauth';
import { everyAct, Presser, startOwnProgram, type Fills } from './presses';
import {
	ACCOUNT,
	agree,
	answeredLike,
	fillDay,
	hydrated,
	posted,
	sendTo,
	signInAs,
	todayIso,
	deskTest as test
} from './support';

/** What was pressed in this file, with the tables that changed; printed at its end. */
const pressed = new Map<string, Set<string>>();
const faults: string[] = [];

let own: Awaited<ReturnType<typeof startOwnProgram>>;
test.beforeAll(async () => void (own = await startOwnProgram()));
test.afterAll(async () => {
	expect(await own.stop()).toBe(true);
});

/** Another browser at the program of this file. */
const visit = async (page: Page, viewport = { width: 1280, height: 800 }): Promise<BrowserContext> => {
	const browser = page.context().browser();
	if (!browser) throw new Error('There is a browser');
	return browser.newContext({ baseURL: own.app.address, viewport, reducedMotion: 'reduce' });
};

const [LATER, SOON] = [`${Number(todayIso().slice(0, 4)) + 1}-02-01`, todayIso()];

/** Types a day into the first date field of a form. */
const aDay =
	(iso = LATER) =>
	async (form: Locator, page: Page) => {
		await form.locator('[role="spinbutton"]').first().click();
		const [year = '', month = '', date = ''] = iso.split('-');
		await page.keyboard.type(`${date}${month}${year}`);
	};

/** Acts that change no row but what changes by itself, each with the reason. */
const CHANGES_NOTHING: Readonly<Record<string, string>> = {
	'/desk/organisation/policy?/preview': 'shows what would change',
	'/desk/organisation/policy?/load': 'shows the settings of a file',
	'/desk/organisation/settings/*?/preview': 'shows what would change',
	'/desk/organisation/settings/*?/load': 'shows the settings of a file',
	'/c/*/*?/go': 'goes on to the next question; the answers were saved as they were typed',
	'/preferences?/default': 'a cookie of the browser'
};

/** How forms are filled in before they are pressed. */
const FILLS: Fills = {
	'/desk/cases/*?/followUp': aDay(),
	'/desk/cases/*?/contact': async (form) => {
		const next = form.getByLabel('Next step');
		if (!(await next.isVisible())) return;
		await next.selectOption('nothing');
		await form.getByLabel(/^Reason/).fill('Pressed');
	},
	'/desk/cases/*?/refer': async (form) => {
		await form.getByLabel(/^Clinician/).selectOption({ index: 1 });
		await form.locator('[name=consentHow]').first().check({ force: true });
	},
	'/desk/cases/*?/setUp': async (form) => form.locator('select').first().selectOption({ index: 1 }),
	'/desk/cases/*?/owner': async (form) => form.locator('select').first().selectOption({ index: 1 }),
	'/desk/cases/*?/person': async (form) => form.getByLabel('Phone').fill('+44 20 7946 0999'),
	'/desk/cases/*/phone?/begin': async (form) => form.locator('[name=agreed]').check({ force: true }),
	'/desk/account/absence?/away': async (form, page) => {
		await form.getByLabel('Stand-in').selectOption({ index: 1 });
		await fillDay(page, 'away-until', LATER);
	},
	'/desk/account?/language': async (form) => form.locator('select').selectOption('de'),
	'/desk/account?/password': async (form) => {
		await form.locator('[name=current]').fill(ACCOUNT.password);
		await form.locator('[name=password]').fill('a long enough passphrase of trees');
	},
	'/desk/account/tokens?/make': async (form) => {
		await form.locator('[name=name]').fill('Pressed');
		await form.locator('[name="people:read"]').check({ force: true });
	},
	'/desk/crisis-lines?/set': async (form) => {
		await form.locator('[name=country]').selectOption({ index: 1 });
		await form.locator('[name=name]').fill('Pressed');
		await form.locator('[name=phone]').fill('116 123');
	},
	'/desk/workforce/to-buy?/prices': async (form) => form.locator('[name=monitor]').fill('177'),
	'/desk/organisation?/save': async (form) => form.locator('[name=address]').fill('1 Press Lane'),
	'/desk/organisation/emails?/save': async (form) => form.locator('[name=body]').press('End'),
	'/desk/organisation/webhooks?/save': async (form) => {
		await form.locator('[name=name]').fill(`Pressed ${randomUUID().slice(0, 4)}`);
		await form.locator('[name=url]').fill('https://tickets.lanterns.example/hook');
		await form.locator('[name=answered]').check({ force: true });
	},
	'/desk/rounds/*?/correct': async (_, page) => fillDay(page, 'correct-due', LATER),
	'/desk/rounds/new?/default': async (form) =>
		form.locator('[name=name]').fill(`Pressed ${randomUUID().slice(0, 4)}`)
};

async function presser(page: Page): Promise<Presser> {
	await page.emulateMedia({ reducedMotion: 'reduce' });
	return new Presser(page, own.watch, FILLS, CHANGES_NOTHING);
}

function keep(press: Presser): void {
	for (const { act, button, changed } of press.presses) {
		const line = `${button || 'its only button'}: ${changed.join(', ') || CHANGES_NOTHING[act]}`;
		pressed.set(act, (pressed.get(act) ?? new Set()).add(line));
	}
	faults.push(...press.faults);
}

/** Left for the end: it would end what the others need. */
const OUT = ['/desk/sign-out?/default'];

test('the desk: every form of every page, and every key that acts', async ({ page: none }) => {
	const page = await (await visit(none)).newPage();
	const press = await presser(page);
	await press.byHand('/desk/sign-in?/default', '', () => signInAs(page, 'coordinator'), ['sessions']);
	const all = (path: string, ...except: string[]) => press.everythingOn(path, [...OUT, ...except]);

	const part = async (home: string, ...except: string[]) => {
		for (const name of ['said', 'timeline', 'equipment', 'clinician', 'follow-up', 'person', 'plan'])
			await all(`${home}?part=${name}`, ...except);
	};

	// A case with everything: a message that waits, a follow-up, a request, a referral.
	const { link, caseUrl } = await answeredLike(page, 'Press Caseworth', 'Mirela Oakhanger');
	const one = new URL(caseUrl).pathname;
	await posted(page, `${link}/messages`, { key: randomUUID(), text: 'Pressed' });
	await part(one, '/desk/cases/*?/settle');
	await all(`${one}/phone`);
	await all(one);

	// Two of one person are joined; another one is erased.
	const double = new URL((await sendTo(page, 'Press Caseworthy')).caseUrl).pathname;
	await all(`${double}/merge?find=press+caseworth`);
	const gone = new URL((await sendTo(page, 'Press Goneby')).caseUrl).pathname;
	await press.open(`${gone}/erase`);
	await press.byHand('/desk/cases/*/erase?/default', '', async () => {
		await page.getByLabel('They asked for it').check({ force: true });
		await page.getByLabel('Type Press Goneby to confirm').fill('Press Goneby');
		await page.getByRole('button', { name: 'Delete all data' }).click();
	});

	// The day sheet: its rows, its batch, and the undo of the day.
	await all('/desk');
	await press.open('/desk');
	await page.keyboard.press('ArrowDown');
	for (const key of [' ', 'ArrowDown', ' ']) await page.keyboard.press(key);
	await press.openHere('/desk');

	// Follow-ups are moved by keys; the undo is a button and a key.
	for (const undo of ['a button', 'a key']) {
		await press.open('/desk/follow-ups');
		const card = page.locator('[id^="follow-up-"]').last();
		await card.focus();
		await press.byHand('/desk/follow-ups?/move', `by keys, before ${undo}`, async () => {
			for (const key of ['m', 'ArrowRight', 'ArrowRight', 'Enter']) await page.keyboard.press(key);
			await expect(page.getByRole('button', { name: /^Undo/ })).toBeVisible();
		});
		await press.byHand('/desk?/undo', `of a moved follow-up, by ${undo}`, async () => {
			if (undo === 'a key') await page.keyboard.press('Control+z');
			else await page.getByRole('button', { name: /^Undo/ }).click();
			await expect(page.getByRole('button', { name: /^Undo/ })).toHaveCount(0);
		});
	}
	await all('/desk/follow-ups');

	// Rounds: made, changed, sent, paused, corrected, nudged, closed, opened again; a draft is thrown away.
	await all('/desk/rounds/new');
	const draft = new URL(page.url()).pathname;
	await all(draft, '/desk/rounds/*?/drop');
	const [open] = await own.watch.rows<{ id: string }>(
		`select id from rounds where state = 'open' and name = 'This autumn'`
	);
	await all(`/desk/rounds/${open?.id}`);
	await press.open('/desk/rounds/new');
	await page.getByLabel('Name', { exact: true }).fill('Press draft');
	await page.getByRole('button', { name: 'Save draft' }).click();
	await page.waitForURL(/rounds\/[0-9a-f-]{36}/);
	await all(new URL(page.url()).pathname, '/desk/rounds/*?/start');

	// Everything else that a coordinator has.
	for (const path of [
		'/desk/people',
		'/desk/people?team=Design',
		'/desk/people/new',
		'/desk/people/directory',
		'/desk/equipment',
		'/desk/equipment/budget',
		'/desk/equipment/budget?money=900',
		'/desk/workforce/to-buy',
		'/desk/workforce/report',
		'/desk/practice',
		'/desk/organisation/checklist/question?station=light',
		'/desk/organisation/checklist/question?id=get-up',
		'/desk/organisation/checklist/problem',
		'/desk/organisation/checklist',
		'/desk/organisation/cover',
		'/desk/organisation/emails',
		'/desk/organisation/emails?kind=reply-stuck&language=fr',
		'/desk/organisation/policy',
		...['choices', 'days-off', 'household-items', 'equipment', 'purchasing-file', 'eye-tests', 'teams'].map(
			(area) => `/desk/organisation/settings/${area}`
		),
		'/desk/organisation/webhooks',
		'/desk/organisation/translations',
		'/desk/organisation',
		'/desk/crisis-lines',
		'/desk/waiting-emails',
		'/desk/retention?leaving=9&answer=9',
		'/desk/users',
		'/desk/account/absence',
		'/desk/account/tokens',
		'/desk/account'
	])
		await all(path);

	for (const path of (process.env.PROBE ?? '').split(' ').filter(Boolean)) await all(path);
	keep(press);
	await page.context().close();
});

test('the list: every act of the sources was pressed, and each was seen in the database', () => {
	const lines = [...pressed].sort().map(([act, what]) => `${act}\n    ${[...what].join('\n    ')}`);
	process.stdout.write(`${lines.join('\n')}\n${pressed.size} acts pressed\n`);
	process.stdout.write(
		'REST\n' +
			everyAct()
				.filter((act) => !pressed.has(act))
				.join('\n') +
			'\n'
	);
	process.stdout.write('FAULTS\n' + faults.join('\n') + '\n');
	expect(faults).toEqual([]);
	expect(everyAct().filter((act) => !pressed.has(act))).toEqual([]);
});
