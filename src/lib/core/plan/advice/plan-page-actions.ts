import type { Action } from '../../cases/case-assessment/actions';
import type { FirstAction } from './first-actions';

/** Most actions shown at once: nobody does more in one day. */
const MOST_ACTS = 3;

/**
 * What the plan page begins with, three actions at most: the open actions this person can take, in order of priority, with what the
 * workstation alone shows placed among them: a better spot where nothing makes this one suitable, a length to measure first, and last what
 * would help.
 * @param actions every open action, by priority
 * @param first what the workstation alone shows
 */
export function planPageActions(actions: readonly Action[], first: readonly FirstAction[]): Action[] {
	const said = (act: Action['act']): Action[] => first.filter((one) => one.act === act);
	const isAmong = (act: Action['act']) => actions.some((one) => one.act === act);
	const hazards = actions.filter(({ act }) => act === 'hazard');
	const others = actions.filter(({ act }) => act !== 'hazard');
	const builds = others.findIndex(({ act }) => act === 'build');
	const acts = [
		...hazards,
		...(isAmong('spot') ? [] : said('spot')),
		...(builds < 0 ? others : others.slice(0, builds)),
		...(builds < 0 ? [] : [...said('measure'), ...others.slice(builds)]),
		...said('ask')
	];
	return acts
		.filter((act, i) => acts.findIndex((one) => one.act === act.act && one.what === act.what) === i)
		.slice(0, MOST_ACTS);
}
