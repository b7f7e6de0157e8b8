import type { Action } from '$lib/core/case-assessment';
import { seatRulesOf, type Corner } from '$lib/core/corner';
import { formatLength, type LengthUnit } from '$lib/core/length';
import type { MeasurableLengthName } from '$lib/core/checks';
import type { Plan, PlanStep } from '$lib/core/plan';
import type { Catalogue } from '$lib/messages';
import type { FindingLine } from '$lib/messages/advice/finding-lines';
import { changesByPlan } from './plan-asks';

/** What the headline of a plan depends on. */
export interface PlanHeadingInput {
	readonly corner: Corner;
	/** Whether the heights are left as they are. */
	readonly isLeftAlone: boolean;
	/** What comes first, of everything that is open. */
	readonly acts: readonly Action[];
	readonly findings: readonly Pick<FindingLine, 'finding' | 'name' | 'fixes'>[];
	/** A length that would make it surer; null for none. */
	readonly measureNext: MeasurableLengthName | null;
	/** The plan that the page is about, and its steps, those that are done left out. */
	readonly plan: Plan | null;
	readonly open: readonly PlanStep[];
	/** All of its steps. */
	readonly steps: number;
	readonly unit: LengthUnit;
}

/** The headline of a plan, and the sentence below it; empty where there is none. */
export interface PlanHeading {
	readonly title: string;
	readonly lead: string;
}

/** The first sentence of some, without its full stop: an act by itself. */
const firstSentence = (text: string) => text.split(/(?<=[.!?])\s/)[0]?.replace(/\.$/, '') ?? text;

/** A step as an act: what goes where, and how far. */
function stepAct({ place, setTo }: PlanStep, { corner, plan, unit }: PlanHeadingInput, t: Catalogue): string {
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	if (place === 'distance') return t.plan.act.distance(length(setTo ?? 0));
	if (place === 'back' || place === 'mouse' || place === 'tilt') return t.plan.act[place];
	const by = plan ? changesByPlan(corner, plan)[place] : 0;
	return by === 0 ? t.plan.act.flat : t.plan.act[place](length(Math.abs(by)), by > 0);
}

/** Whether an act is what a laptop alone needs most: a keyboard and mouse. */
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
	// Of all that a laptop alone brings with it, this helps most.
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

/** What comes after the first act, each as an act of its own; the steps of building are listed by themselves. */
export function followingActions(headed: PlanHeadingInput, t: Catalogue): string[] {
	const { title } = planTitle(headed, t);
	const titles = headed.acts
		.filter(({ act }) => act !== 'build')
		.flatMap((act) => ofAct(act, headed, t)?.title ?? []);
	return [...new Set(titles)].filter((words) => words !== title && words !== t.plan.titleHopeless);
}

/** The headline of a plan: the first thing to do, as an act. Someone is told that all is well only where nothing was found. */
export function planTitle(headed: PlanHeadingInput, t: Catalogue): PlanHeading {
	const { acts, isLeftAlone, measureNext, findings, open, steps } = headed;
	const headings = acts.flatMap((act) => ofAct(act, headed, t) ?? []);
	// A keyboard that is laid flat is no act to begin a page with, where there is another.
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
