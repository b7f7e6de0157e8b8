import type { CheckResult } from '$lib/core/workstation/checks/check-corner';
import type { MeasurableLengthName } from '$lib/core/workstation/checks/check-uncertainty';
import type { Corner } from '$lib/core/workstation/corner/corner';
import type { SittingStyle } from '$lib/core/workstation/corner/vocabulary';
import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
import type { PlanItem } from '$lib/core/cases/case-assessment/vocabulary';
import { planAsBuilt } from '$lib/core/cases/case-assessment/current-corner';
import type { Plan } from '$lib/core/plan/plan-corner';
import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
import type { DrawingStyle } from '$lib/core/workstation/side-view/drawing-style';
import type { RemeasuredHeights } from '$lib/core/workstation/side-view/remeasured-heights';
import type { TriageLevel } from '$lib/core/cases/triage/policy';
import { SvelteSet } from 'svelte/reactivity';
import { CORNER_STATES, type CornerState } from './corner-states';
import { deskWords } from '$lib/messages/desk';

/** The workstation of a case as sent to the browser. */
export interface CaseCornerData {
	readonly corner: Corner;
	readonly plan: Plan | null;
	readonly hasSteps: boolean;
	readonly standing: { readonly done: readonly string[]; readonly lengths: RemeasuredHeights } | null;
	readonly drawnAs: DrawingStyle;
	readonly way: SittingStyle;
	readonly answeredAt: Date | null;
	readonly measureNext: MeasurableLengthName | null;
}

/** An assessment in the history. */
export interface JudgedAt {
	readonly id: number;
	readonly at: Date;
	readonly level: TriageLevel;
	readonly document: AssessmentResult;
}

interface Read {
	readonly corner: CaseCornerData;
	/** Oldest first. */
	readonly judged: readonly JudgedAt[];
	/** The workstations answered, oldest first. */
	readonly over: readonly { readonly at: Date; readonly corner: Corner }[];
}

/** Which drawing of a workstation is shown, and as of when: the drawing and the table of checks agree. */
export class CornerView {
	/** The chosen state, if it exists. */
	shown = $state<CornerState>('standing');
	/** The assessment shown; null for the newest. */
	chosenAt = $state<number | null>(null);

	/** @param read gives what the page has of the corner; called again as that changes */
	constructor(private readonly read: () => Read) {}

	readonly newestAt = $derived.by(() => this.read().judged.length - 1);
	readonly at = $derived.by(() => Math.min(this.chosenAt ?? this.newestAt, this.newestAt));
	/** The past assessment shown; null where it is the newest. */
	readonly earlier = $derived.by(() =>
		this.at < this.newestAt ? (this.read().judged[this.at] ?? null) : null
	);
	readonly hasBegun = $derived.by(() => (this.read().corner.standing?.done.length ?? 0) > 0);

	private readonly sections = $derived.by(() => {
		const { corner, plan, standing, drawnAs, hasSteps } = this.read().corner;
		return {
			first: sideViewOf(corner, null, null, drawnAs),
			standing:
				plan && standing
					? sideViewOf(
							corner,
							planAsBuilt(corner, plan, new SvelteSet(standing.done as PlanItem[])),
							standing.lengths,
							drawnAs
						)
					: null,
			after: plan && hasSteps ? sideViewOf(corner, plan, null, drawnAs) : null
		};
	});

	readonly states = $derived.by(() =>
		CORNER_STATES.filter((state) => this.sections[state] && (state !== 'standing' || this.hasBegun))
	);
	readonly state = $derived.by((): CornerState =>
		this.states.includes(this.shown) ? this.shown : this.hasBegun ? 'standing' : 'first'
	);
	readonly section = $derived.by(() => {
		const { earlier } = this;
		if (!earlier) return this.sections[this.state] ?? this.sections.first;
		// A past assessment was about the newest workstation answered by then.
		const then = this.read().over.findLast(({ at }) => at <= earlier.at)?.corner;
		return then ? sideViewOf(then, null, null, this.read().corner.drawnAs) : null;
	});
	/** All side views that share a scale. */
	readonly all = $derived.by(() =>
		this.earlier
			? [this.section].filter((one) => one !== null)
			: Object.values(this.sections).filter((one) => one !== null)
	);
	readonly checks = $derived.by((): readonly CheckResult[] =>
		this.earlier ? this.earlier.document.standing : (this.section?.checks ?? [])
	);
	readonly before = $derived.by((): readonly CheckResult[] => {
		if (this.earlier) return this.earlier.document.first;
		return this.state === 'first' ? [] : this.sections.first.checks;
	});

	/** The name of a state here. */
	readonly words = (state: CornerState): string =>
		({
			first: this.hasBegun ? deskWords.cases.atFirst : deskWords.cases.now,
			standing: deskWords.cases.now,
			after: deskWords.cases.afterPlan
		})[state];

	/** Goes to the next state. */
	next(): void {
		this.shown = CORNER_STATES[(CORNER_STATES.indexOf(this.state) + 1) % CORNER_STATES.length] ?? 'first';
	}
}
