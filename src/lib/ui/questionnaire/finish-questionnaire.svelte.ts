import { goto } from '$app/navigation';
import { cornerFromAnswers } from '$lib/core/questionnaire/answers/corner-from-answers';
import { answerIssues } from '$lib/core/questionnaire/answers/answer-issues';
import { pageOfField } from '$lib/core/questionnaire/answers/page-of-field';
import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
import type { Checklist } from '$lib/core/questionnaire/checklist/checklist';
import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
import { whenIdle } from '../platform/when-idle';
import { BrowserPlanner } from '../plan/planner/browser-planner';
import type { Draft } from './draft.svelte';
import type { LocalPlanMade } from './make-local-plan';

/** What the end of a self-assessment needs to know about its place. */
interface Place {
	readonly token: string;
	readonly way: SittingStyle;
	readonly checklist: Checklist;
	readonly locale: string;
}

/** The end of a self-assessment: sends what is pending and requests the plan, or makes it on the device while offline. */
export class FinishQuestionnaire {
	local = $state.raw<LocalPlanMade | null>(null);
	isBusy = $state(false);
	private readonly planner = new BrowserPlanner();
	private maker: Promise<typeof import('./make-local-plan')> | null = null;
	private view = $state.raw<typeof import('../plan/LocalPlan.svelte').default | null>(null);

	constructor(
		private readonly draft: Draft,
		private readonly read: () => Place
	) {}

	/** Loads what an offline plan needs, while online and idle; returns a function that cancels it. */
	prepare(): () => void {
		const forget = whenIdle(() => {
			this.planner.prepare();
			this.load();
		});
		return () => {
			forget();
			this.planner.close();
		};
	}

	/** The page of a plan made here; null until it exists. */
	get page(): typeof this.view {
		return this.view;
	}

	/** Loads the code that makes and shows a plan: large, and needed only offline, so it comes after everything else. */
	private load(): Promise<typeof import('./make-local-plan')> {
		this.maker ??= Promise.all([import('./make-local-plan'), import('../plan/LocalPlan.svelte')]).then(
			([maker, view]) => {
				this.view = view.default;
				return maker;
			}
		);
		// Tried again if it was interrupted.
		this.maker.catch(() => (this.maker = null));
		return this.maker;
	}

	/** Tries to send what was made offline; true once the server has it. */
	private async send(): Promise<boolean> {
		await this.draft.autosave.flush();
		if (!this.draft.autosave.isSent) return false;
		const { token } = this.read();
		const made = this.local ? '?made=offline' : '';
		const sent = await fetch(`/c/${token}/submit${made}`, { method: 'POST' }).catch(() => null);
		if (!sent?.ok) return false;
		// Interrupted on the way: sending it again is harmless.
		const told = (await sent.json().catch(() => null)) as { issues?: readonly FieldIssue[] } | null;
		if (!told) return false;
		const [missing] = told.issues ?? [];
		if (missing) this.local = null;
		const where = missing ? `${pageOfField(missing.field)}?open` : 'plan';
		await goto(`/c/${token}/${where}`, { invalidateAll: true });
		return true;
	}

	/** Sends what is pending and requests the plan; offline, the plan is made here and the rest is sent later. */
	async finish(): Promise<void> {
		const { token, way, locale, checklist } = this.read();
		const open = answerIssues(this.draft.answers, way)[0];
		if (open) return goto(`/c/${token}/${pageOfField(open.field)}?open`);
		this.isBusy = true;
		const isIn = await this.send().finally(() => (this.isBusy = false));
		if (isIn) return;
		const { corner } = cornerFromAnswers(this.draft.answers, way);
		if (!corner) return;
		this.isBusy = true;
		const advice = await this.planner.advise(corner).finally(() => (this.isBusy = false));
		const { makeLocalPlan } = await this.load();
		this.local = makeLocalPlan(corner, advice, { answers: this.draft.answers, checklist }, locale);
	}

	/** The network is back. */
	online(): void {
		void this.draft.autosave.flush().then(() => {
			if (this.local) void this.send();
			else void this.draft.pull();
		});
	}

	/** Keeps trying while a plan exists only on this device; returns a function that ends it. */
	retry(everyMs: number): (() => void) | undefined {
		if (!this.local) return undefined;
		const timer = setInterval(() => void this.send(), everyMs);
		return () => clearInterval(timer);
	}
}
