import type { Action } from '$lib/core/cases/case-assessment/actions';
import { seatRulesOf } from '$lib/core/workstation/corner/seat-kinds';
import type { Corner } from '$lib/core/workstation/corner/corner';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { MeasurableLengthName } from '$lib/core/workstation/checks/check-uncertainty';
import type { Plan } from '$lib/core/plan/plan-corner';
import type { PlanStep } from '$lib/core/plan/plan-steps';
import type { Catalogue } from '$lib/messages/shapes';
import type { FindingLine } from '$lib/messages/advice/finding-lines';
import { changesByPlan } from './plan-asks';

export interface PlanHeadingInput {
	readonly corner: Corner;
	/** Whether the heights are left as they are. */
	readonly isLeftAlone: boolean;
	/** The first open actions. */
	readonly acts: readonly Action[];
	readonly findings: readonly Pick<FindingLine, 'finding' | 'name' | 'fixes'>[];
	/** The length most worth measuring; null for none. */
	readonly measureNext: MeasurableLengthName | null;
	/** The plan on the page, and its steps not done yet. */
	readonly plan: Plan | null;
	readonly open: readonly PlanStep[];
	/** The number of all its steps. */
	readonly steps: number;
	readonly unit: LengthUnit;
}

/** The heading of a plan, and the sentence below it; empty where there is none. */
export interface PlanHeading {
	readonly title: string;
	readonly lead: string;
}

/** The first sentence of a text without its full stop: an action by itself. */
const firstSentence = (text: string) => text.split(/(?<=[.!?])\s/)[0]?.replace(/\.$/, '') ?? text;

/** A step as an action: what goes where, and how far. */
function stepAct({ place, setTo }: PlanStep, { corner, plan, unit }: PlanHeadingInput, t: Catalogue): string {
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	if (place === 'distance') return t.plan.act.distance(length(setTo ?? 0));
	if (place === 'back' || place === 'mouse' || place === 'tilt') return t.plan.act[place];
	const by = plan ? changesByPlan(corner, plan)[place] : 0;
	return by === 0 ? t.plan.act.flat : t.plan.act[place](length(Math.abs(by)), by > 0);
}

/** Whether an action is what a laptop alone needs most: a keyboard and mouse. */
export const isForKeyboard = ({ act, what }: Action) =>
	what === 'laptop-alone' || (act === 'ask' && what === 'keyboard-and-mouse');

function ofAct({ act, what }: Action, headed: PlanHeadingInput, t: Catalogue): PlanHeading | null {
	const { findings, open, steps } = headed;
	if (act === 'spot') {
		const isSoft = !seatRulesOf(headed.corner).isForWork;
		return isSoft
			? { title: t.plan.titleAnotherSpot, lead: t.plan.leadSoftSeat }
			: { title: t.plan.titleAnotherSpot, lead: t.plan.leadAnotherSpot };
	}
	// Of everything for a laptop alone, this helps most.
	if (isForKeyboard({ act, what })) return { title: t.plan.titleKeyboard, lead: t.plan.leadKeyboard(steps) };
	if (act === 'hazard' || act === 'finding') {
		const line = findings.find(({ finding }) => finding === what);
		if (!line) return null;
		return { title: firstSentence(line.fixes[0] ?? line.name), lead: t.plan.leadFound(line.name) };
	}
	if (act === 'ask') return { title: t.plan.titleHopeless, lead: t.plan.leadHopeless };
	if (act === 'measure')
		return {
			title: t.plan.titleMeasure(t.measurable[what as MeasurableLengthName]),
			lead: t.plan.leadMeasure
		};
	const step = open.find(({ place }) => place === what) ?? open[0];
	if (!step) return null;
	return { title: stepAct(step, headed, t), lead: t.plan.leadStep(steps) };
}

/** The actions after the first; building steps are listed separately. */
export function followingActions(headed: PlanHeadingInput, t: Catalogue): string[] {
	const { title } = planTitle(headed, t);
	const titles = headed.acts
		.filter(({ act }) => act !== 'build')
		.flatMap((act) => ofAct(act, headed, t)?.title ?? []);
	return [...new Set(titles)].filter((words) => words !== title && words !== t.plan.titleHopeless);
}

/** The heading of a plan: the first thing to do. Someone is told that all is well only where nothing was found. */
export function planTitle(headed: PlanHeadingInput, t: Catalogue): PlanHeading {
	const { acts, isLeftAlone, measureNext, findings, open, steps } = headed;
	const headings = acts.flatMap((act) => ofAct(act, headed, t) ?? []);
	// Laying a keyboard flat is no heading where there is another action.
	const first = headings.find(({ title }) => title !== t.plan.act.flat) ?? headings[0];
	if (isLeftAlone) {
		const measure = measureNext && t.measurable[measureNext];
		if (first && findings.length > 0)
			return { title: first.title, lead: `${first.lead} ${t.plan.leadHeightsFit}` };
		if (!first || acts[0]?.act === 'measure' || acts[0]?.act === 'ask')
			return { title: t.plan.titleNone, lead: t.plan.leadNone(measure) };
		return first;
	}
	if (first) return first;
	if (steps > 0 && open.length === 0) return { title: t.plan.doneTitle, lead: t.plan.doneLead };
	return { title: t.plan.titleHopeless, lead: t.plan.leadHopeless };
}
