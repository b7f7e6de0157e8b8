import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { expect, type BrowserContext, type Locator, type Page } from '@playwright/test';
import { everyAct, Presser, SEEN_SESSIONS, startOwnProgram, type Fills } from './presses';
import {
	ACCOUNT,
	answeredLike,
	fillDay,
	noneOfThese,
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

const LATER = `${Number(todayIso().slice(0, 4)) + 1}-02-01`;

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
		await form.locator('[name=clinician]').selectOption({ index: 0 });
		await form.locator('[name=question]').fill('Pressed');
		await form.locator('[name=consentHow]').first().check({ force: true });
	},
	'/desk/cases/*?/writeReferral': async (form) => form.locator('[name=text]').fill('Pressed'),
	'/desk/cases/*?/endReferral': async (form) => form.locator('[name=text]').fill('Pressed'),
	'/desk/cases/*?/setUp': async (form) => form.locator('select').first().selectOption({ index: 1 }),
	'/desk/cases/*?/person': async (form) => form.getByLabel('Phone').fill('+44 20 7946 0999'),
	'/desk/cases/*/phone?/begin': async (form) => form.locator('[name=agreed]').check({ force: true }),
	'/c/*/plan?/again': async (form) => form.getByRole('textbox').first().fill('73 cm'),
	'/c/*/plan?/size': async (form) => form.locator('[name=height]').fill('31 cm'),
	'/c/*/plan?/comfort': async (form) => {
		if ((await form.getByRole('radio').count()) > 0)
			await form.getByRole('radio').nth(7).check({ force: true });
	},
	'/desk/account/absence?/away': async (form, page) => {
		await form.getByLabel('Stand-in').selectOption({ label: 'Ferelith Ashdown' });
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
		await form.locator('[name=country]').fill('IE');
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
	'/desk/rounds/*?/correct': async (_, page) => fillDay(page, 'correct-due', LATER)
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

/** Signed in once, for all tests of this file. */
let cookies: Awaited<ReturnType<BrowserContext['cookies']>> = [];

interface Scene {
	readonly page: Page;
	readonly press: Presser;
	/** Presses everything on a page but these. */
	readonly all: (path: string, ...except: string[]) => Promise<void>;
}

/** A part of the desk, by the coordinator. */
function scene(title: string, play: (scene: Scene) => Promise<void>): void {
	test(title, async ({ page: none }) => {
		const context = await visit(none);
		const page = await context.newPage();
		const press = await presser(page);
		if (cookies.length > 0) await context.addCookies(cookies);
		else {
			await press.byHand('/desk/sign-in?/default', '', () => signInAs(page, 'coordinator'), ['sessions']);
			cookies = await context.cookies();
		}
		// A scene that breaks off is a fault like any other: the list at the end tells of all of them.
		try {
			await play({ page, press, all: (path, ...except) => press.everythingOn(path, [...OUT, ...except]) });
		} catch (error) {
			faults.push(`${title}: ${String(error).slice(0, 300)}`);
		} finally {
			keep(press);
			await context.close();
		}
	});
}

scene('the day sheet', async ({ page, press, all }) => {
	// A case that may be marked as done, from its own page, and is opened again.
	await press.open('/desk');
	const listed = page.locator('main li:has(button[aria-label^="Mark as done: "]:visible) a.who').first();
	const [id] = /[0-9a-f]{8}-[0-9a-f-]{27}/.exec((await listed.getAttribute('href')) ?? '') ?? [];
	await press.open(`/desk/cases/${id}`);
	await press.byHand('/desk/cases/*?/settle', '', () => page.locator('#settle').click());
	await press.byHand('/desk/cases/*?/reopen', '', () =>
		page.getByRole('button', { name: 'Reopen case' }).click()
	);
	// The day sheet: its rows, its batch, and the undo of the day.
	await all('/desk');
	await press.everythingOn('/desk', OUT, async () => {
		await page.keyboard.press('ArrowDown');
		for (const key of [' ', 'ArrowDown', ' ']) await page.keyboard.press(key);
	});
});

scene('a case, with everything that can be done for somebody', async ({ page, press, all }) => {
	// A case with everything: a message that waits, a follow-up, a request, a referral.
	const { link, caseUrl } = await answeredLike(page, 'Press Caseworth', 'Mirela Oakhanger');
	const one = new URL(caseUrl).pathname;
	await posted(page, `${link}/messages`, { key: randomUUID(), text: 'Pressed' });
	for (const part of ['said', 'timeline', 'things', 'clinician', 'follow-up', 'person', 'plan'])
		await all(`${one}?part=${part}`, '/desk/cases/*?/settle');
	await press.open(`${one}?part=follow-up`);
	await press.byHand('/desk/cases/*?/owner', 'by its choice', () =>
		page.locator('form[action$="?/owner"] select').selectOption({ index: 1 })
	);
	await all(`${one}/phone`);
	await all(one);
});

scene('two cases of one person, and one that is deleted', async ({ page, press }) => {
	// Two of one person are joined; another one is erased.
	const double = new URL((await sendTo(page, 'Press Caseworthy')).caseUrl).pathname;
	await press.open(`${double}/merge?find=press+caseworth`);
	await page.getByRole('link', { name: /^Compare with/ }).click();
	await page.getByLabel(/Both records are of the same person/).check({ force: true });
	await press.byHand('/desk/cases/*/merge?/merge', '', () =>
		page.getByRole('button', { name: 'Merge the records' }).click()
	);
	const gone = new URL((await sendTo(page, 'Press Goneby')).caseUrl).pathname;
	await press.open(`${gone}/erase`);
	await press.byHand('/desk/cases/*/erase?/default', '', async () => {
		await page.getByLabel('They asked for it').check({ force: true });
		await page.getByLabel('Type Press Goneby to confirm').fill('Press Goneby');
		await page.getByRole('button', { name: 'Delete all data' }).click();
	});
});

scene('follow-ups', async ({ page, press, all }) => {
	// Follow-ups are moved by keys; the undo is a button and a key.
	for (const undo of ['a button', 'a key']) {
		await press.open('/desk/follow-ups?view=week');
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
});

scene('rounds', async ({ page, press, all }) => {
	// Rounds: made, changed, sent, paused, corrected, nudged, closed, opened again; a draft is thrown away.
	const draft = async () => {
		await press.open('/desk/rounds/new');
		await page.locator('[name=name]').fill(`Press ${randomUUID().slice(0, 4)}`);
		await press.byHand('/desk/rounds/new?/default', '', async () => {
			await page.getByRole('button', { name: 'Save draft' }).click();
			await page.waitForURL(/rounds\/[0-9a-f-]{36}/);
		});
		return new URL(page.url()).pathname;
	};
	const first = await draft();
	await all(first, '/desk/rounds/*?/drop', '/desk/rounds/*?/start');
	await all(first, '/desk/rounds/*?/drop');
	const [open] = await own.watch.rows<{ id: string }>(
		`select id from rounds where state = 'open' and name = 'This autumn'`
	);
	await all(`/desk/rounds/${open?.id}`);
	await all(await draft(), '/desk/rounds/*?/start');
});

/** A part of the employees' door, by a person in a browser of their own. */
function personScene(
	title: string,
	like: string,
	play: (press: Presser, link: string, page: Page) => Promise<void>
): void {
	scene(title, async ({ page: desk }) => {
		const { link } =
			like === '' ? await sendTo(desk, `Press ${title}`) : await answeredLike(desk, `Press ${title}`, like);
		const context = await visit(desk);
		const page = await context.newPage();
		const press = await presser(page);
		try {
			await play(press, link, page);
		} finally {
			keep(press);
			await context.close();
		}
	});
}

/** Another place and another language, which would change what the rest is found by. */
const LATER_ON = ['/c/*/plan?/spot', '/c/*/language?/default'];

personScene('plan', 'Mirela Oakhanger', async (press, link, page) => {
	await press.everythingOn(`${link}/plan`, [...LATER_ON, '/c/*/plan?/choose']);
	await press.everythingOn(`${link}/plan?plan=2`, [...LATER_ON, '/c/*/plan?/choose']);
	await press.everythingOn(`${link}/plan`, LATER_ON);
	await press.everythingOn(`${link}/plan?plan=2`, LATER_ON);
	await press.open(`${link}/style`);
	await page.getByRole('link', { name: 'Active' }).click();
	await page.getByRole('button', { name: 'Try this style today' }).waitFor();
	const { pathname, search } = new URL(page.url());
	await press.everythingOn(`${pathname}${search}`, [...LATER_ON, '/c/*/style?/keep']);
	await press.open(`${link}/day`);
	await press.byHand('/c/*/day?/choose', 'by its choice', () =>
		page.locator('[name=breakSchedule]').selectOption({ index: 1 })
	);
	for (const path of ['/plan', '/day', '/equipment', '/messages', '/reminders'])
		await press.everythingOn(`${link}${path}`, LATER_ON);
});

personScene('laptop alone', 'Teodor Fennimoor', async (press, link) => {
	await press.everythingOn(`${link}/plan`);
});

personScene('questions', '', async (press, link, page) => {
	await press.everythingOn(link);
	for (const name of ['you', 'house']) await press.everythingOn(`${link}/${name}`);
	await page.request.put(`${link}/draft`, { data: { fields: { 'sign.chest-pain': 'yes' } } });
	// Reminders can only wait for somebody who gets some.
	await own.watch.rows(
		`insert into round_people (round_id, person_id, remind_on)
		select (select id from rounds where state = 'open' limit 1), id, current_date from people where name = 'Press questions'`
	);
	await press.everythingOn(`${link}/stop`);
	await press.everythingOn(`${link}/stop/mistake`);
	await press.everythingOn(link);
});

personScene('check-in', 'Mirela Oakhanger', async (press, link, page) => {
	await press.open(`${link}/check-in`);
	await press.byHand('/c/*/check-in?/default', '', async () => {
		await page.getByLabel('Nothing hurt in the last seven days').check({ force: true });
		await noneOfThese(page);
		await page.getByRole('button', { name: 'Send my answers' }).click();
		await expect(page.getByRole('heading', { name: 'Thank you' })).toBeVisible();
	});
	await press.everythingOn(`${link}/withdraw`);
});

scene('settings, lists and accounts', async ({ page, press, all }) => {
	await own.watch.rows(
		`update emails set state = 'failed' where id in (select id from emails order by written_at desc limit 2)`
	);
	await press.everythingOn('/desk/users', OUT, async () => {
		await page.getByRole('button', { name: 'Close the account' }).last().click();
	});
	await press.open('/desk/people?team=Design');
	await page.getByRole('button', { name: 'Save this filter' }).click();
	await page.getByRole('textbox', { name: 'Name of the filter' }).fill('Pressed');
	await press.byHand('/desk/people?/save', '', () =>
		page.getByRole('button', { name: 'Save filter', exact: true }).click()
	);
	// Asked for again once the last sign-in is some time ago.
	await own.watch.rows(`update sessions set confirmed_at = now() - interval '1 day'`);
	await press.open('/desk/confirm?to=/desk/account');
	await page.getByLabel('Password').fill(ACCOUNT.password);
	await press.byHand(
		'/desk/confirm?/default',
		'',
		() => page.getByRole('button', { name: 'Continue' }).click(),
		[SEEN_SESSIONS]
	);
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
		// What was read from the personnel system is out of date once other presses have changed the people.
		await all(path, '/desk/people/directory?/apply');
});

/** What needs a whole story before it can be pressed is pressed by another browser test: its file, and the words of its button. */
const PRESSED_ELSEWHERE: Readonly<Record<string, readonly [spec: string, words: string]>> = {
	'/c/*/together?/start': ['shared-session', 'Start and get a code'],
	'/c/*/together?/plan': ['shared-session', 'Make the plan'],
	'/c/*/together?/agree': ['shared-session', 'I agree to this plan'],
	'/c/*/together?/end': ['shared-session', 'End the walkthrough'],
	'/desk/cases/*/together?/join': ['shared-session', 'Come in'],
	'/desk/cases/*/together?/plan': ['shared-session', 'Make the plan'],
	'/desk/cases/*/together?/agree': ['shared-session', 'I agree to this plan'],
	'/desk/cases/*/together?/next': ['shared-session', 'Set the day'],
	'/c/*/equipment?/ask': ['organisation-settings', 'Ask for an eye test'],
	'/c/*/equipment?/deliver': ['organisation-settings', 'Save address'],
	'/desk/account/second-factor?/begin': ['accounts', 'Turn on codes'],
	'/desk/account/second-factor?/end': ['accounts', 'Turn off codes'],
	'/desk/account/second-factor?/remove': ['sign-in', 'Remove: laptop at work'],
	'/desk/sign-in/code?/default': ['accounts', '/desk/sign-in/code'],
	'/desk/password?/default': ['desk', 'Send me a link'],
	'/desk/password/*?/default': ['desk', 'Save password'],
	'/desk/equipment?/order': ['desk', 'Mark 2 as ordered'],
	'/desk/organisation/checklist/problem?/save': ['checklist', 'doesn’t say in English what to do about it'],
	'/desk/organisation/checklist?/load': ['checklist', 'Edit this checklist'],
	'/desk/organisation/emails?/save': ['organisation', 'Save and preview'],
	'/desk/organisation/emails?/publish': ['organisation', 'Publish'],
	'/desk/organisation/emails?/discard': ['organisation', 'Discard this draft'],
	'/desk/organisation/emails?/original': ['organisation', 'Go back to the original text'],
	'/desk/organisation/policy?/preview': ['policy', 'See what would change'],
	'/desk/organisation/policy?/publish': ['policy', 'Publish'],
	'/desk/organisation/policy?/load': ['policy', 'Settings from a file'],
	'/desk/organisation/settings/*?/preview': ['organisation-settings', 'See what would change'],
	'/desk/organisation/settings/*?/publish': ['organisation-settings', 'Publish'],
	'/desk/organisation/settings/*?/load': ['organisation-settings', 'Show these settings'],
	'/desk/people/directory?/apply': ['directory', 'Apply these changes'],
	'/desk/people?/bulk': ['desk', 'Confirm for 2 people'],
	'/desk/people?/columns': ['desk', 'Save columns'],
	'/desk/cases/*?/read': ['desk', 'Mark as read'],
	'/desk/cases/*?/writeReferral': ['desk', 'Send message'],
	'/desk/cases/*/together?/end': ['shared-session', 'End the walkthrough'],
	'/c/*/style?/try': ['plan', 'Try this style today'],
	'/c/*/style?/keep': ['plan', 'Keep this style and plan with it'],
	'/desk/practice/*?/answer': ['practice', 'Compare with the levels'],
	'/desk/practice/second-opinion/*?/judge': ['practice', 'Give your levels'],
	'/desk/referrals/*?/writeReferral': ['desk', 'Send question'],
	'/desk/referrals/*?/endReferral': ['desk', 'Send answer and close'],
	'/desk/waiting-emails?/cancel': ['waiting-emails', 'Cancel 1 email'],
	'/desk/waiting-emails?/release': ['waiting-emails', 'Release 1 email'],
	'/desk/workforce/report/*?/record': ['workforce', 'Save decisions'],
	'/desk?/finish': ['desk', 'Finish 10 follow-ups']
};

test('the list: every act of the sources was pressed, and each was seen in the database', () => {
	const lines = [...pressed].sort().map(([act, what]) => `${act}\n    ${[...what].join('\n    ')}`);
	process.stdout.write(`${lines.join('\n')}\n${pressed.size} acts pressed\n`);
	expect(faults).toEqual([]);
	const elsewhere = Object.entries(PRESSED_ELSEWHERE);
	for (const [act, [spec, words]] of elsewhere)
		expect(readFileSync(`e2e/${spec}.spec.ts`, 'utf8'), `${act} is pressed in ${spec}`).toContain(words);
	const isPressed = (act: string) => pressed.has(act) || PRESSED_ELSEWHERE[act] !== undefined;
	expect(everyAct().filter((act) => !isPressed(act))).toEqual([]);
	// A line for an act that no longer exists is taken away.
	expect(elsewhere.map(([act]) => act).filter((act) => !everyAct().includes(act))).toEqual([]);
});
