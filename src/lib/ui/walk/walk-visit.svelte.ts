import { goto } from '$app/navigation';
import type { SubmitFunction } from '@sveltejs/kit';
import { tick } from 'svelte';
import {
	convertUnit,
	cornerFromAnswers,
	discomfortFromAnswers,
	freeThing,
	isHouseholdKind,
	isSignsGroup,
	issuesOf,
	issuesOn,
	newThing,
	PAGES,
	pageOfField,
	SIGN_GROUPS,
	signField,
	signsOf,
	thingField,
	type FieldIssue,
	type Page
} from '$lib/core/answers';
import { keptAdvice } from '$lib/core/advice/advise-corner';
import { offersOf, stepsToDo } from '$lib/core/advice/offers';
import type { Corner, Way } from '$lib/core/corner';
import { isEmergency, type EmergencySign } from '$lib/core/discomfort';
import type { LengthUnit } from '$lib/core/length';
import type { PlanStep } from '$lib/core/plan';
import type { Catalogue } from '$lib/messages';
import { adviceForPage, type PageAdvice } from '$lib/messages/advice/advice-for-page';
import { BrowserPlanner } from '../planner/browser-planner';
import type { Draft } from './draft.svelte';

/** Where a visit is, read anew whenever the page changes. */
export interface WalkPlace {
	readonly token: string;
	readonly way: Way;
	readonly checklistVersion: number;
	readonly locale: string;
	readonly page: Page;
	/** The pages that are walked: all of them, or those that are worth a second look. */
	readonly only: readonly Page[];
	/** Whether everything that is open is marked, not only what a try to go on found. */
	readonly showsOpen: boolean;
	/** What the server found, where a form was posted. */
	readonly posted: readonly FieldIssue[] | null;
	readonly t: Catalogue;
}

/** One visit to the walk: what its buttons do, with or without network; pages change beneath it. */
export class WalkVisit {
	/** What a try to go on found on this page. */
	private found = $state<readonly FieldIssue[]>([]);
	/** Emergency signs that stopped the walk. */
	stop = $state<readonly EmergencySign[]>([]);
	/** The plan as this device made it, while there is no network. */
	local = $state<{ corner: Corner; steps: readonly PlanStep[]; advice: PageAdvice } | null>(null);
	isFinishing = $state(false);
	private readonly planner = new BrowserPlanner();
	readonly place: WalkPlace = $derived.by(() => this.read());
	readonly issues: readonly FieldIssue[] = $derived.by(() => {
		const { showsOpen, posted, way, page } = this.place;
		const all = showsOpen ? issuesOf(this.draft.answers, way) : (posted ?? this.found);
		return all.filter(({ field }) => pageOfField(field) === page);
	});
	/** Those of the found faults that still stand. */
	readonly standing: readonly FieldIssue[] = $derived.by(() => {
		const now = issuesOn(this.place.page, this.draft.answers, this.place.way);
		return this.issues.filter(({ field }) => now.some((issue) => issue.field === field));
	});

	constructor(
		private readonly draft: Draft,
		private readonly read: () => WalkPlace
	) {}

	/** Loads what a plan without network needs, while there is network; gives back what ends it. */
	prepare(): () => void {
		this.planner.prepare();
		return () => this.planner.close();
	}

	/** The page after this one; null behind the last. */
	get next(): Page | null {
		const { only, page } = this.place;
		return only[only.indexOf(page) + 1] ?? null;
	}

	to(name: string): Promise<void> {
		const { token, only } = this.place;
		const query = only.length < PAGES.length && name !== '' ? `?only=${only.join('.')}` : '';
		return goto(`/c/${token}/${name}${query}`);
	}

	/** An emergency sign was tapped: the walk stops, and the coordinator is shown, before anything else. */
	halt(signs: readonly EmergencySign[]): void {
		this.stop = signs;
		void this.draft.autosave.flush();
		void tick().then(() => window.scrollTo(0, 0));
	}

	/** Stops where the answers of the first page hold an emergency sign: it may have been tapped before scripts had loaded. */
	stopAtSigns(): boolean {
		const signs = this.place.page === 'first' ? signsOf(this.draft.answers).filter(isEmergency) : [];
		if (signs.length > 0) this.halt(signs);
		return signs.length > 0;
	}

	goOnFromStop(): void {
		this.stop = [];
		void this.to('you');
	}

	/** Tries to send what was worked out without network; true once the server has it. */
	private async send(): Promise<boolean> {
		await this.draft.autosave.flush();
		if (!this.draft.autosave.isSent) return false;
		const { token } = this.place;
		const sent = await fetch(`/c/${token}/submit`, { method: 'POST' }).catch(() => null);
		if (!sent?.ok) return false;
		// Cut off on the way: sending it again is harmless.
		const told = (await sent.json().catch(() => null)) as { issues?: readonly FieldIssue[] } | null;
		if (!told) return false;
		const [missing] = told.issues ?? [];
		if (missing) this.local = null;
		const where = missing ? `${pageOfField(missing.field)}?open` : 'plan';
		await goto(`/c/${token}/${where}`, { invalidateAll: true });
		return true;
	}

	/** Sends what is open and asks for the plan; without network the plan is made here and the rest is sent later. */
	private async finish(): Promise<void> {
		const { token, way, locale, checklistVersion } = this.place;
		const open = issuesOf(this.draft.answers, way)[0];
		if (open) return goto(`/c/${token}/${pageOfField(open.field)}?open`);
		this.isFinishing = true;
		const isIn = await this.send().finally(() => (this.isFinishing = false));
		if (isIn) return;
		const { corner } = cornerFromAnswers(this.draft.answers, way);
		if (!corner) return;
		this.isFinishing = true;
		const advice = await this.planner.advise(corner).finally(() => (this.isFinishing = false));
		const { reports: discomfort } = discomfortFromAnswers(this.draft.answers);
		const told = { answers: this.draft.answers, discomfort, checklistVersion };
		const kept = keptAdvice(advice);
		const plan = offersOf(corner, kept)[0]?.plan ?? null;
		const steps = stepsToDo(corner, kept, 0);
		this.local = { corner, steps, advice: adviceForPage(corner, kept, told, { plan, steps }, locale) };
	}

	private async goOn(): Promise<void> {
		const { page, way } = this.place;
		// An emergency comes before anything that is missing.
		if (this.stopAtSigns()) return;
		this.found = issuesOn(page, this.draft.answers, way);
		if (this.found.length > 0) return;
		if (page === 'first') await this.draft.autosave.flush();
		await (this.next ? this.to(this.next) : this.finish());
	}

	private addThing(kind: string): void {
		const index = freeThing(this.draft.answers);
		if (index !== null && isHouseholdKind(kind))
			this.draft.setAll(newThing(index, kind, this.place.t.things.names[kind], this.draft.unit));
	}

	private changeUnit(unit: LengthUnit): void {
		if (unit === this.draft.unit) return;
		// Only what the unit changes is sent: among the answers are some that only the server writes.
		const converted = Object.entries(convertUnit(this.draft.answers, this.draft.unit, unit));
		this.draft.setAll(
			Object.fromEntries(converted.filter(([name, text]) => this.draft.answers[name] !== text))
		);
	}

	/** With scripts every button is answered here, with or without network; without them the form is posted. */
	readonly answer: SubmitFunction = ({ formData, action, cancel }) => {
		cancel();
		const text = (name: string) => String(formData.get(name) ?? '');
		const [go, none] = [text('go'), text('none')];
		if (action.search.startsWith('?/add')) this.addThing(text('add'));
		else if (action.search.startsWith('?/remove'))
			this.draft.set(thingField(Number(text('remove')), 'kind'), '');
		else if (action.search.startsWith('?/unit')) this.changeUnit(text('to') as LengthUnit);
		else if (isSignsGroup(none))
			this.draft.setAll(Object.fromEntries(SIGN_GROUPS[none].map((sign) => [signField(sign), 'no'])));
		else if (go === 'back') {
			const { only, page } = this.place;
			void this.to(only[only.indexOf(page) - 1] ?? '');
		} else if (go !== '' && go !== 'next') void this.to(go);
		else void this.goOn();
	};

	/** The network is back. */
	online(): void {
		void this.draft.autosave.flush().then(() => {
			if (this.local) void this.send();
			else void this.draft.pull();
		});
	}

	/** Tries again and again while a plan lies on this device alone; gives back what ends it. */
	retry(everyMs: number): (() => void) | undefined {
		if (!this.local) return undefined;
		const timer = setInterval(() => void this.send(), everyMs);
		return () => clearInterval(timer);
	}
}

/** The pages of an address: those that it names, in the order of the walk, or all. */
export function pagesOfQuery(query: URLSearchParams): readonly Page[] {
	const named = (query.get('only') ?? '').split('.');
	const only = PAGES.filter((page) => named.includes(page));
	return only.length > 0 ? only : PAGES;
}
