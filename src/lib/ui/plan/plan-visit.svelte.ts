import { untrack } from 'svelte';
import { needsNoPlan, stepsOfOffer, type PlanOffer } from '$lib/core/advice/plan-offers';
import { stepTickField, stepTicksOf } from '$lib/core/answers';
import type { CheckResult } from '$lib/core/checks';
import type { Corner } from '$lib/core/corner';
import { planAsBuilt } from '$lib/core/case-assessment/current-corner';
import type { PlanItem } from '$lib/core/case-assessment/vocabulary';
import type { Action } from '$lib/core/case-assessment';
import type { LengthUnit } from '$lib/core/length';
import type { MeasurableLengthName } from '$lib/core/checks';
import type { FindingLine } from '$lib/messages/advice/finding-lines';
import type { LaptopArrangements, Plan, PlanStep, PlanOption, StepPlace } from '$lib/core/plan';
import { sideViewOf, type DrawingStyle, type RemeasuredHeights, type SideView } from '$lib/core/side-view';
import { Autosave, type SaveFields } from '../autosave/autosave.svelte';
import { Remeasurement } from './remeasurement.svelte';
import { isForKeyboard, type PlanHeadingInput } from './plan-title';

/** What the page of a plan is made of, as the server kept it. */
export interface PlanPageData {
	readonly token: string;
	readonly corner: Corner;
	readonly before: readonly CheckResult[];
	/** What is offered, the plan that is recommended first. */
	readonly offers: readonly PlanOffer[];
	readonly ladder: readonly PlanOption[];
	readonly plans: readonly Plan[];
	readonly laptop: LaptopArrangements | null;
	/** The plan that is worked on, and the one that is looked at. */
	readonly worked: number;
	readonly shown: number;
	readonly steps: readonly PlanStep[];
	readonly ticks: Readonly<Record<string, boolean>>;
	/** What comes first, of everything that is open. */
	readonly acts: readonly Action[];
	readonly findings: readonly FindingLine[];
	readonly measureNext: MeasurableLengthName | null;
	/** What was found besides heights, each with what was said of it; null for nothing yet. */
	readonly findingTicks?: Readonly<Record<string, unknown>> | null;
	readonly standing: { readonly lengths: RemeasuredHeights; readonly isMeasured: boolean } | null;
	readonly again: RemeasuredHeights | null;
	readonly unit: LengthUnit;
	readonly drawnAs: DrawingStyle;
}

/** What the drawing can show: the corner as it was answered, as it stands, as the plan leaves it, as it is being measured. */
export type PlanState = 'first' | 'standing' | 'after' | 'again';

const open = (checks: readonly CheckResult[]) => checks.filter(({ verdict }) => verdict !== 'fits');

const thingsOf = (done: readonly PlanItem[]): ReadonlySet<PlanItem> => new Set(done);

/** The visit of a person to their plan: ticks and heights measured again are shown at once, and sent as the network allows. */
export class PlanVisit {
	private readonly draft: Autosave;
	private readonly againSave: Autosave;
	private lastAgain: Remeasurement | null = null;
	/** Heights as they were last kept. */
	private keptTexts: Readonly<Record<string, string>> = {};
	/** Ticks made here, before and after the server has them. */
	private ticked = $state<Record<string, boolean>>({});
	private chosen = $state<PlanState | null>(null);
	hasKept = $state(false);

	readonly data: PlanPageData = $derived.by(() => this.read());
	readonly plan: Plan | null = $derived.by(() => this.data.offers[this.data.shown]?.plan ?? null);
	readonly isWorked: boolean = $derived.by(() => this.data.shown === this.data.worked);
	/** Whether the heights are left as they are; what else was found is no part of it. */
	readonly isLeftAlone: boolean = $derived.by(() => needsNoPlan(this.data));
	/** The steps as they were kept; of a plan that is only looked at, as they would be. */
	readonly steps: readonly PlanStep[] = $derived.by(() => {
		if (this.isWorked) return this.data.steps;
		return stepsOfOffer(this.data.corner, this.data, this.data.shown);
	});
	readonly ticks: Readonly<Record<string, boolean>> = $derived.by(() => ({
		...this.data.ticks,
		...this.ticked
	}));
	readonly doneCount: number = $derived.by(() => this.steps.filter(({ place }) => this.ticks[place]).length);
	/** Whether every step of the plan that is worked on is ticked, here or on the server. */
	readonly isDone: boolean = $derived.by(
		() => this.isWorked && this.steps.length > 0 && this.doneCount === this.steps.length
	);
	/** Problems besides heights that are still open: nobody is told that all is done over one. */
	readonly openProblems: number = $derived.by(
		() => Object.values(this.data.findingTicks ?? {}).filter((how) => how === null).length
	);
	readonly again: Remeasurement | null = $derived.by(() => {
		if (!this.plan || this.steps.length === 0) return null;
		const { corner, again, unit } = this.data;
		const { plan } = this;
		return untrack(() => {
			const { unit: unitThen, ...unsent } = this.againSave.unsent;
			const texts = { ...(unitThen === unit ? unsent : {}), ...this.typing(unit) };
			return (this.lastAgain = new Remeasurement(corner, plan, again, unit, texts));
		});
	});
	private readonly sections: Readonly<Record<PlanState, SideView | null>> = $derived.by(() => this.draw());
	readonly states: readonly PlanState[] = $derived.by(() =>
		(['first', 'standing', 'after', 'again'] as const).filter((state) => this.sections[state] !== null)
	);
	readonly shown: PlanState = $derived.by(() =>
		this.chosen && this.states.includes(this.chosen)
			? this.chosen
			: this.states.includes('again')
				? 'again'
				: this.states.includes('after') && this.doneCount < this.steps.length
					? 'after'
					: this.states.includes('standing')
						? 'standing'
						: 'first'
	);
	readonly all: readonly SideView[] = $derived.by(() =>
		Object.values(this.sections).filter((section) => section !== null)
	);

	/**
	 * @param read gives the newest of what the server has
	 * @param kept called once heights that were measured again are with the server
	 */
	constructor(
		private readonly read: () => PlanPageData,
		storage: SaveFields | null,
		kept: () => void
	) {
		const { token } = untrack(read);
		this.draft = new Autosave(`/c/${token}/draft`, storage, fetch, kept);
		this.againSave = new Autosave(`/c/${token}/again`, storage, this.afterTicks, kept);
		this.ticked = stepTicksOf(this.draft.unsent);
		this.hasKept = !this.againSave.isSent;
	}

	/** Whether and how what was done here has reached the server. */
	get saving() {
		return [this.draft.state, this.againSave.state];
	}

	/** How far heights that were measured again have come. */
	get keptState(): 'no' | 'here' | 'sent' {
		const { state, isSent } = this.againSave;
		if (!this.hasKept || state === 'refused' || state === 'ended') return 'no';
		if (state === 'waiting') return 'here';
		// While it is under way nothing is said to be kept: a page loaded now may still be without it.
		return isSent && state === 'saved' ? 'sent' : 'no';
	}

	/** The section that is shown. */
	get section(): SideView {
		const section = this.sections[this.shown] ?? this.sections.first;
		if (!section) throw new RangeError('The corner as it was answered is always drawn');
		return section;
	}

	/** What the headline is made of: what was ticked here is no act any more, before the server knows it. */
	get headed(): PlanHeadingInput {
		const { corner, acts, findings, measureNext, unit } = this.data;
		return {
			corner,
			isLeftAlone: this.isLeftAlone,
			acts: acts.filter(({ act, what }) => act !== 'build' || !this.ticks[what]),
			findings,
			measureNext,
			plan: this.plan,
			open: this.steps.filter(({ place }) => !this.ticks[place]),
			steps: this.steps.length,
			unit
		};
	}

	/** Whether the page begins with what a laptop alone needs most. */
	get beginsWithKeyboard(): boolean {
		const [first] = this.headed.acts;
		return first !== undefined && isForKeyboard(first);
	}

	/** Checks that stay open after the plan. */
	get stays(): readonly CheckResult[] {
		return open(this.plan?.after ?? this.data.before);
	}

	show(state: PlanState): void {
		this.chosen = state;
	}

	tick(place: StepPlace, done: boolean): void {
		this.ticked[place] = done;
		this.draft.set({ [stepTickField(place)]: done ? 'yes' : 'no' });
	}

	/** What was typed and not kept yet: an answer of the server that comes in between takes none of it away. */
	private typing(unit: LengthUnit): Record<string, string> {
		if (this.lastAgain?.unit !== unit) return {};
		return Object.fromEntries(
			Object.entries(this.lastAgain.typedTexts).filter(([field, text]) => this.keptTexts[field] !== text)
		);
	}

	keepAgain(texts: Readonly<Record<string, string>>): void {
		this.keptTexts = texts;
		this.againSave.set({ ...texts, unit: this.data.unit });
		void this.againSave.flush();
		this.hasKept = true;
		this.chosen = 'again';
	}

	/**
	 * Sends heights after the ticks that were made before they were measured: a tick that came in later would count as carried out since, and put
	 * what was planned in the place of what was measured. As the page goes away nothing is waited for.
	 */
	private readonly afterTicks: typeof fetch = async (address, init) => {
		if (!init?.keepalive) await this.draft.flush();
		return fetch(address, init);
	};

	flush(): void {
		void this.draft.flush();
		void this.againSave.flush();
	}

	leave(): void {
		this.draft.leave();
		this.againSave.leave();
	}

	/** Whether every tick made here is also the server's. */
	private get isInStep(): boolean {
		return this.steps.every(
			({ place }) => (this.ticks[place] ?? false) === (this.data.ticks[place] ?? false)
		);
	}

	private draw(): Readonly<Record<PlanState, SideView | null>> {
		const { corner, drawnAs, standing } = this.data;
		const { plan } = this;
		const isMeasuring = this.again?.touched ?? false;
		const done: PlanItem[] = this.steps.filter(({ place }) => this.ticks[place]).map(({ place }) => place);
		const hasBegun = this.isWorked && (done.length > 0 || (standing?.isMeasured ?? false));
		// With a tick that the server does not know yet, what was measured is left to its answer.
		const lengths = this.isInStep ? (standing?.lengths ?? null) : null;
		return {
			first: sideViewOf(corner, null, null, drawnAs),
			standing:
				plan && hasBegun
					? sideViewOf(corner, planAsBuilt(corner, plan, thingsOf(done)), lengths, drawnAs)
					: null,
			after: plan && this.steps.length > 0 ? sideViewOf(corner, plan, null, drawnAs) : null,
			again: plan && this.again && isMeasuring ? sideViewOf(corner, plan, this.again.lengths, drawnAs) : null
		};
	}
}
