import { untrack } from 'svelte';
import { needsNoPlan, stepsOfOffer, type PlanOffer } from '$lib/core/plan/advice/plan-offers';
import { stepTickField, stepTicksOf } from '$lib/core/questionnaire/answers/answer-fields';
import { setUpAsMeasured } from '$lib/core/workstation/checks/set-up';
import type { CheckResult } from '$lib/core/workstation/checks/check-corner';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { planAsBuilt } from '$lib/core/cases/case-assessment/current-corner';
import type { PlanItem } from '$lib/core/cases/case-assessment/vocabulary';
import type { Action } from '$lib/core/cases/case-assessment/actions';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { MeasurableLengthName } from '$lib/core/workstation/checks/check-uncertainty';
import type { FindingLine } from '$lib/messages/advice/finding-lines';
import type { LaptopArrangements } from '$lib/core/plan/laptop';
import type { Plan } from '$lib/core/plan/plan-corner';
import type { PlanStep } from '$lib/core/plan/plan-steps';
import type { PlanOption } from '$lib/core/plan/plan-options';
import type { StepPlace } from '$lib/core/plan/step-places';
import {
	remeasuredHeightsOf,
	type MeasuredHeights,
	type RemeasuredHeights
} from '$lib/core/workstation/side-view/remeasured-heights';
import { sideViewOf, type SideView } from '$lib/core/workstation/side-view/side-view';
import type { DrawingStyle } from '$lib/core/workstation/side-view/drawing-style';
import { Autosave, type SaveFields } from '../questionnaire/autosave/autosave.svelte';
import { Remeasurement } from './remeasurement.svelte';
import { isForKeyboard, type PlanHeadingInput } from './plan-title';

/** The data of a plan page, as stored on the server. */
export interface PlanPageData {
	readonly token: string;
	/** Which plan it is: another one is in its place once answers or items changed. */
	readonly planId: string;
	readonly corner: Corner;
	readonly before: readonly CheckResult[];
	/** The offered plans, the recommended one first. */
	readonly offers: readonly PlanOffer[];
	readonly ladder: readonly PlanOption[];
	readonly plans: readonly Plan[];
	readonly laptop: LaptopArrangements | null;
	/** Indexes of the plan in use and of the one shown. */
	readonly worked: number;
	readonly shown: number;
	readonly steps: readonly PlanStep[];
	readonly ticks: Readonly<Record<string, boolean>>;
	/** The first open actions. */
	readonly acts: readonly Action[];
	readonly findings: readonly FindingLine[];
	readonly measureNext: MeasurableLengthName | null;
	/** Findings besides heights, each with what was said about it; null for nothing yet. */
	readonly findingTicks?: Readonly<Record<string, unknown>> | null;
	readonly standing: { readonly lengths: RemeasuredHeights; readonly isMeasured: boolean } | null;
	readonly again: MeasuredHeights | null;
	readonly unit: LengthUnit;
	readonly drawnAs: DrawingStyle;
}

/** States for the drawing: the workstation as answered, as it is now, after the plan, as being measured. */
export type PlanState = 'first' | 'standing' | 'after' | 'again';

const open = (checks: readonly CheckResult[]) => checks.filter(({ verdict }) => verdict !== 'fits');

const thingsOf = (done: readonly PlanItem[]): ReadonlySet<PlanItem> => new Set(done);

/** What a person does on one plan before the server's answer shows it. */
class OnThisPlan {
	/** Ticks made here, before and after the server has them. */
	ticked = $state<Record<string, boolean>>({});
	/** The state of the drawing that was asked for. */
	chosen = $state<PlanState | null>(null);

	constructor(ticked: Readonly<Record<string, boolean>>) {
		this.ticked = { ...ticked };
	}
}

/** A person's visit to their plan: ticks and re-measured heights are shown at once, and sent when the network allows. */
export class PlanVisit {
	private readonly draft: Autosave;
	private readonly againSave: Autosave;
	private lastAgain: Remeasurement | null = null;
	/** Heights as last saved. */
	private keptTexts: Readonly<Record<string, string>> = {};
	hasKept = $state(false);

	readonly data: PlanPageData = $derived.by(() => this.read());
	private readonly planId: string = $derived.by(() => this.data.planId);
	/** What was done here on this plan; another plan begins with nothing but the ticks that are still on their way. */
	private readonly here: OnThisPlan = $derived.by(() => {
		void this.planId;
		return untrack(() => {
			this.lastAgain = null;
			this.keptTexts = {};
			return new OnThisPlan(stepTicksOf(this.draft.unsent));
		});
	});
	readonly plan: Plan | null = $derived.by(() => this.data.offers[this.data.shown]?.plan ?? null);
	readonly isWorked: boolean = $derived.by(() => this.data.shown === this.data.worked);
	/** Whether the heights are left as they are; other findings are not considered. */
	readonly isLeftAlone: boolean = $derived.by(() => needsNoPlan(this.data));
	/** The steps as stored; for a plan only viewed, as they would be. */
	readonly steps: readonly PlanStep[] = $derived.by(() => {
		if (this.isWorked) return this.data.steps;
		return stepsOfOffer(this.data.corner, this.data, this.data.shown);
	});
	readonly ticks: Readonly<Record<string, boolean>> = $derived.by(() => ({
		...this.data.ticks,
		...this.here.ticked
	}));
	readonly doneCount: number = $derived.by(() => this.steps.filter(({ place }) => this.ticks[place]).length);
	/** Whether every step of the plan in use is ticked, here or on the server. */
	readonly isDone: boolean = $derived.by(
		() => this.isWorked && this.steps.length > 0 && this.doneCount === this.steps.length
	);
	/** Open problems besides heights: nobody is told that all is done while there is one. */
	readonly openProblems: number = $derived.by(
		() => Object.values(this.data.findingTicks ?? {}).filter((how) => how === null).length
	);
	readonly again: Remeasurement | null = $derived.by(() => {
		if (!this.plan || this.steps.length === 0) return null;
		const { corner, again: kept, unit } = this.data;
		const { plan } = this;
		const standing = this.data.standing?.lengths ?? remeasuredHeightsOf(corner, setUpAsMeasured(corner));
		return untrack(() => {
			const { unit: unitThen, ...unsent } = this.againSave.unsent;
			const texts = { ...(unitThen === unit ? unsent : {}), ...this.typing(unit) };
			return (this.lastAgain = new Remeasurement(corner, plan, { kept, standing }, unit, texts));
		});
	});
	private readonly sections: Readonly<Record<PlanState, SideView | null>> = $derived.by(() => this.draw());
	readonly states: readonly PlanState[] = $derived.by(() =>
		(['first', 'standing', 'after', 'again'] as const).filter((state) => this.sections[state] !== null)
	);
	readonly shown: PlanState = $derived.by(() =>
		this.here.chosen && this.states.includes(this.here.chosen)
			? this.here.chosen
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
		this.hasKept = !this.againSave.isSent;
	}

	/** Whether and how changes made here have reached the server. */
	get saving() {
		return [this.draft.state, this.againSave.state];
	}

	/** Progress of saving re-measured heights. */
	get keptState(): 'no' | 'here' | 'sent' {
		const { state, isSent } = this.againSave;
		if (!this.hasKept || state === 'refused' || state === 'ended') return 'no';
		if (state === 'waiting') return 'here';
		// Not reported as saved while it is under way: a page loaded now may be without it.
		return isSent && state === 'saved' ? 'sent' : 'no';
	}

	get section(): SideView {
		const section = this.sections[this.shown] ?? this.sections.first;
		if (!section) throw new RangeError('The corner as it was answered is always drawn');
		return section;
	}

	/** The input for the heading: what was ticked here is no action any more, even before the server knows. */
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
		this.here.chosen = state;
	}

	tick(place: StepPlace, done: boolean): void {
		this.here.ticked[place] = done;
		this.draft.set({ [stepTickField(place)]: done ? 'yes' : 'no' });
	}

	/** What was typed and not saved yet: a response arriving in between takes none of it away. */
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
		this.here.chosen = 'again';
	}

	/**
	 * Sends heights after the ticks made before they were measured: a tick arriving later would count as carried out since, and replace
	 * measured heights with planned ones. When the page closes, nothing is waited for.
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

	/** Whether the server has every tick made here. */
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
		// With a tick that the server does not know yet, what was measured is left to its response.
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
