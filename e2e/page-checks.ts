import { type Page } from '@playwright/test';
import type { RunOptions } from 'axe-core';
import { HtmlValidate } from 'html-validate';
import { IS_LONG_RUN } from '../tests/support/rotation';
import { axeFinds, hydrated, WCAG } from './support';

/** The rules that depend on colour: all others see the same page in every colour scheme. */
const COLOUR_RULES = ['color-contrast', 'link-in-text-block'];

const OF_COLOUR: RunOptions = { runOnly: COLOUR_RULES };

const OF_ALL_ELSE: RunOptions = {
	...WCAG,
	rules: Object.fromEntries(COLOUR_RULES.map((rule) => [rule, { enabled: false }]))
};

const ALIKE = 'data-looks-like-one-before';

/**
 * Marks every text that looks exactly like an earlier one: same colour, size, weight and background. What holds for one of them holds for
 * all, and axe takes seconds over a list of a thousand alike.
 */
async function markAlike(page: Page): Promise<void> {
	await page.evaluate((mark) => {
		for (const marked of document.querySelectorAll(`[${mark}]`)) marked.removeAttribute(mark);
		const seen = new Set<string>();
		const grounds = new Map<Element, string>();
		const groundOf = (element: Element): string => {
			const known = grounds.get(element);
			if (known !== undefined) return known;
			const { backgroundColor, backgroundImage, opacity, color } = getComputedStyle(element);
			const own = `${backgroundColor} ${backgroundImage} ${opacity} ${color}`;
			const ground = element.parentElement ? `${groundOf(element.parentElement)}/${own}` : own;
			grounds.set(element, ground);
			return ground;
		};
		for (const element of document.body.querySelectorAll('*')) {
			if (element.childElementCount > 0 || !element.textContent?.trim()) continue;
			const { fontSize, fontWeight, position, textDecorationLine, textShadow } = getComputedStyle(element);
			const alike = [
				element.tagName,
				groundOf(element),
				fontSize,
				fontWeight,
				position,
				textDecorationLine,
				textShadow
			].join('|');
			if (seen.has(alike)) element.setAttribute(mark, '');
			seen.add(alike);
		}
	}, ALIKE);
}

const SAME_SHAPE = 'data-same-shape-as-one-before';

/**
 * Marks every entry of a list or table whose elements, classes and attributes are those of an earlier entry of the same list. Only their
 * texts differ, so a rule that one of them keeps, all keep. Duplicate ids, which no single entry shows, are checked separately.
 */
async function markSameShape(page: Page): Promise<void> {
	await page.evaluate((mark) => {
		const shapeOf = (element: Element): string => {
			const attributes = [...element.attributes].map(({ name, value }) =>
				/^(class|style|role|type|hidden|aria-(expanded|pressed|checked|current|hidden|disabled))$/.test(name)
					? `${name}=${value}`
					: `${name}${value === '' ? '' : '!'}`
			);
			const text = [...element.childNodes].some(
				(node) => node.nodeType === Node.TEXT_NODE && node.nodeValue?.trim()
			);
			return `<${element.tagName} ${attributes.sort().join(' ')} ${text}>${[...element.children].map(shapeOf).join('')}`;
		};
		for (const list of document.querySelectorAll('tbody, ul, ol')) {
			const seen = new Set<string>();
			for (const entry of list.children) {
				const shape = shapeOf(entry);
				if (seen.has(shape)) entry.setAttribute(mark, '');
				seen.add(shape);
			}
		}
	}, SAME_SHAPE);
}

/** Ids that occur more than once on a page. */
async function idsTwice(page: Page): Promise<string[]> {
	return page.evaluate(() => {
		const ids = [...document.querySelectorAll('[id]')].map(({ id }) => id);
		return ids.filter((id, i) => ids.indexOf(id) !== i);
	});
}

/** Pages that show what the others do, each in every colour scheme in every run; the others are in the long run. */
const IN_EVERY_SCHEME = /^(?:\/desk|\/desk\/follow-ups|\/desk\/workforce|\/c\/[\w-]+\/(?:plan|screen))$/;

/** Axe's rules but for colour once; then those of colour in light and, where asked for, in dark and, on an employee's page, in forced colours. */
async function axeFaults(page: Page, door: 'desk' | 'employee'): Promise<string[]> {
	const faults: string[] = [];
	const lookAtColours = async (scheme: string) => {
		await markAlike(page);
		for (const fault of await axeFinds(page, OF_COLOUR, [`[${ALIKE}]`, `[${SAME_SHAPE}]`]))
			faults.push(`${scheme}: ${fault}`);
	};
	await markSameShape(page);
	faults.push(...(await axeFinds(page, OF_ALL_ELSE, [`[${SAME_SHAPE}]`])));
	for (const id of await idsTwice(page)) faults.push(`the id ${id} stands twice`);
	await lookAtColours('light');
	if (!IS_LONG_RUN && !IN_EVERY_SCHEME.test(new URL(page.url()).pathname)) return faults;
	await page.emulateMedia({ colorScheme: 'dark' });
	await lookAtColours('dark');
	await page.emulateMedia({ colorScheme: 'light' });
	if (door === 'desk') return faults;
	await page.emulateMedia({ forcedColors: 'active' });
	await lookAtColours('forced colours');
	await page.emulateMedia({ forcedColors: 'none' });
	return faults;
}

/**
 * The rules of html-validate's recommended set, but for those of style, which the compiler decides: `<br/>` and `selected=""` are the same
 * markup as `<br>` and `selected`, and a raw `>` is text.
 */
export const markupChecker = new HtmlValidate({
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

/** What is wrong with the markup of a page, as the server sends it. */
async function markupFaults(html: string): Promise<string[]> {
	const { results } = await markupChecker.validateString(html);
	return results.flatMap(({ messages }) =>
		messages
			.filter(({ severity }) => severity === 2)
			.map(({ ruleId, message, selector }) => `${ruleId}: ${message} ${selector ?? ''}`)
	);
}

/** A field that no form has: what is posted with it is refused, and nothing is done. */
const NO_FIELD = 'no-such-field';

/**
 * Controls of forms whose names their act doesn't know: it would refuse whatever a person fills in. Each form is posted as it stands with
 * one field too many, which has to be the first that is refused.
 */
export async function formFaults(page: Page): Promise<string[]> {
	return page.evaluate(async (noField) => {
		const faults: string[] = [];
		const seen = new Set<string>();
		for (const form of document.forms) {
			// Whichever of its buttons is pressed, all of its fields are sent, and of the buttons that one.
			const ownAct = form.getAttribute('action') ?? '';
			const namesFor = (act: string) =>
				[...form.elements].flatMap((control) => {
					const isOther =
						control instanceof HTMLButtonElement && (control.getAttribute('formaction') ?? ownAct) !== act;
					return isOther ? [] : control.getAttribute('name') || [];
				});
			const others = [...form.elements].flatMap((control) => control.getAttribute('formaction') || []);
			for (const act of new Set([ownAct, ...others])) {
				const names = namesFor(act);
				const kind = `${act} ${[...new Set(names)].sort().join(' ')}`;
				const isChecked =
					form.method === 'post' && form.enctype !== 'multipart/form-data' && act.includes('?/');
				if (!isChecked || names.length === 0 || seen.has(kind)) continue;
				seen.add(kind);
				const body = new URLSearchParams(names.map((name) => [name, '']));
				for (const [name, value] of new FormData(form)) body.set(name, String(value));
				body.set(noField, '');
				const headers = { accept: 'application/json', 'x-sveltekit-action': 'true' };
				const answer = await fetch(act, { method: 'POST', headers, body });
				const refused = /\/([^\s"]+) is not a part of this format/.exec(await answer.text())?.[1];
				if (refused !== undefined && refused !== noField)
					faults.push(`${act} doesn’t know its field ${refused}`);
			}
		}
		return faults;
	}, NO_FIELD);
}

/** A laptop, a small laptop or tablet, and a phone. */
export const SIZES = {
	laptop: { width: 1280, height: 800 },
	tablet: { width: 1024, height: 768 },
	phone: { width: 390, height: 844 }
} as const;

/** A page's size. */
export type Size = keyof typeof SIZES;

/**
 * Looks at pages, each opened once: its markup, what axe finds, whether its forms have only fields that their acts know,
 * whether it scrolls sideways at any size, and where its title begins.
 */
export class PageChecks {
	/** One line per fault. */
	readonly faults: string[] = [];
	/** The left edge of the title last looked at, px, by size. */
	readonly lefts = new Map<Size, number>();

	private constructor(
		private readonly page: Page,
		private readonly door: 'desk' | 'employee',
		private readonly sizes: readonly Size[]
	) {}

	/** @param sizes at which pages are looked at; the first is the one they are opened at, and axe runs at */
	static async of(page: Page, door: 'desk' | 'employee', sizes: readonly Size[]): Promise<PageChecks> {
		const checks = new PageChecks(page, door, sizes);
		await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
		// The content security policy allows everything of our own and would stop anything else: it refuses nothing on any of these pages.
		await page.context().exposeFunction('policyRefused', (what: string) => void checks.faults.push(what));
		await page.context().addInitScript(() =>
			document.addEventListener('securitypolicyviolation', (event) => {
				const tell = Reflect.get(window, 'policyRefused') as (what: string) => void;
				tell(`${location.pathname} ${event.violatedDirective} ${event.blockedURI}`);
			})
		);
		await checks.resize(sizes[0] ?? 'laptop');
		return checks;
	}

	/** Opens a page and looks at it. */
	async open(path: string): Promise<void> {
		const response = await this.page.goto(path);
		if (response?.status() !== 200) this.faults.push(`${path}: answered with ${response?.status() ?? 0}`);
		else for (const fault of await markupFaults(await response.text())) this.faults.push(`${path}: ${fault}`);
		if (this.door === 'desk' && new URL(this.page.url()).pathname.startsWith('/desk'))
			await hydrated(this.page);
		await this.look(path);
	}

	/** Looks at the page as it stands. @param where is named with each fault */
	async look(where: string): Promise<void> {
		for (const fault of await axeFaults(this.page, this.door)) this.faults.push(`${where}: ${fault}`);
		for (const fault of await formFaults(this.page)) this.faults.push(`${where}: ${fault}`);
		for (const size of this.sizes) {
			await this.resize(size);
			const { over, left } = await this.page.evaluate(() => ({
				over: document.documentElement.scrollWidth - innerWidth,
				left: Math.round(document.querySelector('h1')?.getBoundingClientRect().left ?? -1)
			}));
			if (over > 0) this.faults.push(`${where}: scrolls sideways by ${over} px on a ${size}`);
			this.lefts.set(size, left);
		}
		await this.resize(this.sizes[0] ?? 'laptop');
	}

	private async resize(size: Size): Promise<void> {
		if (this.page.viewportSize()?.width !== SIZES[size].width) await this.page.setViewportSize(SIZES[size]);
	}
}
