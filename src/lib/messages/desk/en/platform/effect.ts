import type { Grouping } from '$lib/core/workforce/codes';
import { typed } from '../../../typed';

/** Whether plans help, and how long things take. Numbers are already formatted. */
export const effectTexts = {
	/** The outcomes of a plan. */
	courses: {
		done: 'Plan carried out',
		household: 'using only items they had at home',
		bought: 'using equipment that was sent to them',
		'not-done': 'Plan not carried out'
	},
	change: {
		none: 'no clear change',
		notSure: (by: string, low: string, high: string) =>
			`no clear change (${by} points, 95% interval ${low} to ${high})`,
		lower: (by: string, low: string, high: string) =>
			`about ${by} points lower (95% interval ${low} to ${high})`,
		higher: (by: string, low: string, high: string) =>
			`about ${by} points higher (95% interval ${low} to ${high})`
	},
	tooFew:
		'No result can be shown yet. With the plan carried out or without, fewer than five people have reported again.',
	compared: (done: string, changeDone: string, notDone: string, changeNotDone: string) =>
		`Change in the worst discomfort score, 0 to 10. ${done} who carried out their plan: ${changeDone}. ${notDone} who did not: ${changeNotDone}.`,
	withinDays: (n: number) => (n === 0 ? 'on the same day' : n === 1 ? 'within a day' : `within ${n} days`),
	withinWeeks: (n: number) => (n === 1 ? 'within a week' : `within ${n} weeks`),
	halfDealtWith: (time: string) => `Half of all answers were dealt with ${time}.`,
	fewerDealtWith: 'Fewer than half of all answers were dealt with within three months.',
	halfCarriedOut: (time: string) => `Half of all plans were carried out ${time}.`,
	fewerCarriedOut: 'Fewer than half of all plans were carried out within a year.',
	noTimes: 'Too few people to show a result.',
	people: (n: number, formatted: string) => `${formatted} ${n === 1 ? 'person' : 'people'}`,
	interval: (low: string, high: string) => `${low} to ${high}`,
	share: (x: string, n: string) => `${x} of ${n}`,
	percent: (share: number) => `${share}%`,
	hidden: 'hidden',
	pValueBelow: (p: string) => `less than ${p}`,
	/** What figures can be grouped by. */
	groupings: typed<Readonly<Record<Grouping, string>>>({
		team: 'Team',
		country: 'Country',
		round: 'Round',
		way: 'Sitting style',
		route: 'Length of the questionnaire',
		spot: 'Kind of workstation',
		time: 'Date of the answers'
	}),
	noTeam: 'No team',
	unknownCountry: 'Unknown country',
	deletedRound: 'Deleted round',
	noRound: 'Not part of a round',
	routes: typed<Readonly<Record<string, string>>>({
		short: 'Short questionnaire',
		complete: 'Full questionnaire'
	}),
	spots: typed<Readonly<Record<string, string>>>({
		standing: 'Standing',
		chair: 'Chair',
		stool: 'Stool or bench',
		ball: 'Ball',
		wheelchair: 'Wheelchair',
		sofa: 'Sofa or armchair',
		bed: 'Bed'
	})
};
