import type { CheckResult } from '../../workstation/checks/check-corner';
import { measureNext } from '../../workstation/checks/measure-next';
import { FINDING_IDS, regionsOfFinding } from '../../questionnaire/checklist/findings';
import { findingOfCheck } from '../../questionnaire/checklist/measured-findings';
import { seatKindOf, seatRulesOf } from '../../workstation/corner/seat-kinds';
import type { Corner } from '../../workstation/corner/corner';
import type { Region } from '../discomfort/regions';
import type { AssessmentResult } from './assessment-result';
import type { OpenFinding } from './open-findings';
import type { PlanItemState } from './plan-item-states';
import type { DiscomfortReport } from './discomfort-reports';
import type { PlanItem } from './vocabulary';

/** One action for a person: its kind, and what it applies to. */
export type Action = AssessmentResult['actions'][number];

/** What a list of actions is derived from. */
export interface ActionInputs {
	readonly findings: readonly Pick<OpenFinding, 'id' | 'isHazard' | 'regions'>[];
	readonly things: readonly Pick<PlanItemState, 'thing' | 'stands'>[];
	readonly newest: Pick<DiscomfortReport, 'regions'> | null;
	/** The newest workstation; null where there is none. */
	readonly corner: Corner | null;
	readonly standing: readonly CheckResult[];
}

/** Discomfort score from which whatever is tied to a region comes first. */
const HURTS_FROM = 4;

/** The check that each item of a plan serves. */
const CHECK_OF: Partial<Readonly<Record<PlanItem, CheckResult['id']>>> = {
	seat: 'knee',
	feet: 'knee',
	surface: 'elbow',
	keys: 'elbow',
	screen: 'eye'
};

/** Case records name findings of any checklist version: one this version does not know is tied to no region. */
function regionsOfFindingNamed(name: string): readonly Region[] {
	const known = FINDING_IDS.find((id) => id === name);
	return known ? regionsOfFinding(known) : [];
}

/** The regions that a plan item is tied to: those of the finding behind the check it serves. */
function regionsOfThing(thing: PlanItem, standing: readonly CheckResult[]): readonly Region[] {
	const check = standing.find(({ id }) => id === CHECK_OF[thing]);
	if (!check || check.verdict !== 'off') return [];
	const finding = findingOfCheck(check.id, check.value < check.low ? 'low' : 'high');
	return finding ? regionsOfFinding(finding) : [];
}

/** The worst score among these regions; 0 where none hurts. */
function painOf(regions: readonly Region[], newest: ActionInputs['newest']): number {
	const scores = (newest?.regions ?? [])
		.filter(({ region, worst }) => worst >= HURTS_FROM && regions.includes(region))
		.map(({ worst }) => worst);
	return Math.max(0, ...scores);
}

/**
 * Every action for a person, first things first: hazards; away from bed, sofa and floor; what is tied to discomfort, the worst first and,
 * of two alike, the one without building; a keyboard and mouse for a laptop alone; a length to measure where the furniture was guessed;
 * building, from the floor up; the rest.
 */
export function actionsOf({ findings, things, newest, corner, standing }: ActionInputs): Action[] {
	const hazards = findings
		.filter(({ isHazard }) => isHazard)
		.map(({ id }): Action => ({ act: 'hazard', what: id }));
	const kind = corner && seatKindOf(corner);
	const spot: Action[] =
		corner && kind && !seatRulesOf(corner).isForWork ? [{ act: 'spot', what: kind }] : [];
	const able = [
		...findings
			.filter(({ isHazard, id }) => !isHazard && id !== 'bed-or-sofa')
			.map(({ id, regions = regionsOfFindingNamed(id) }) => ({
				action: { act: 'finding', what: id } as Action,
				pain: painOf(regions, newest)
			})),
		...things
			.filter(({ stands }) => !stands)
			.map(({ thing }) => ({
				action: { act: 'build', what: thing } as Action,
				pain: painOf(regionsOfThing(thing, standing), newest)
			}))
	];
	const tied = able.filter(({ pain }) => pain > 0).sort((a, b) => b.pain - a.pain);
	const rest = able.filter(({ pain }) => pain === 0).map(({ action }) => action);
	const isOff = standing.some(({ verdict }) => verdict === 'off');
	const keyboard: Action[] =
		corner?.spot.keys.kind === 'built-in' && isOff ? [{ act: 'ask', what: 'keyboard-and-mouse' }] : [];
	const length = corner?.spot.by === 'guess' ? measureNext(corner, standing) : null;
	return [
		...hazards,
		...spot,
		...tied.map(({ action }) => action),
		...keyboard,
		...(length ? [{ act: 'measure', what: length } as const] : []),
		...rest.filter(({ act }) => act === 'build'),
		...rest.filter(({ act }) => act !== 'build')
	];
}
