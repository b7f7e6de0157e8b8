import type { CivilDate } from '../calendar';
import { isEmergency, SIGNS, type RegionReport } from '../discomfort';
import type { Policy } from '../triage';
import type { PersonFile } from './file';
import type { Reason } from './judgement';
import type { Report } from './reports';
import type { Closable } from './vocabulary';

/** Whether an outcome of something was recorded on a day or later. */
export function isClosed(
	{ outcomes }: Pick<PersonFile, 'outcomes'>,
	of: Closable,
	since: CivilDate
): boolean {
	return outcomes.some((outcome) => outcome.on >= since && outcome.of.includes(of));
}

/**
 * Signs without an outcome on their latest day or later. No later answer closes one: a person who leaves a sign out has not said
 * that it was seen to.
 */
export function openSigns(file: PersonFile): Reason[] {
	const said = [...file.answers, ...file.checkIns];
	return SIGNS.flatMap((sign): Reason[] => {
		const on = said
			.filter(({ signs }) => signs.includes(sign))
			.map((one) => one.on)
			.sort()
			.at(-1);
		if (on === undefined || isClosed(file, sign, on)) return [];
		return [
			isEmergency(sign)
				? { code: 'emergency-sign', level: 'now', on, sign }
				: { code: 'professional-sign', level: 'clinician', on, sign }
		];
	});
}

/** A reason with the regions that it rests on. */
export interface Grounded {
	readonly reason: Reason;
	readonly regions: readonly RegionReport[];
}

type Reported = 'reported-weakness' | 'reported-tingling' | 'severe';

/** What makes a region of a report one for a professional, by rule. Common practice; the numbers are the policy's. */
const SPEAKS: Readonly<Record<Reported, (region: RegionReport, policy: Policy) => boolean>> = {
	'reported-weakness': ({ kinds, worst }, { weaknessFrom }) =>
		kinds.includes('weakness') && worst >= weaknessFrom,
	'reported-tingling': ({ kinds, worst, days }, { tingling }) =>
		kinds.includes('tingling-or-numbness') && (days >= tingling.days || worst >= tingling.from),
	severe: ({ worst }, { clinicianFrom }) => worst >= clinicianFrom
};

/** What any report says that is for a professional, each rule once by its latest day, unless an outcome of it came since. */
export function openReported(file: PersonFile, reports: readonly Report[], policy: Policy): Grounded[] {
	return (Object.keys(SPEAKS) as Reported[]).flatMap((code): Grounded[] => {
		const newest = reports
			.map(({ on, regions }) => ({ on, regions: regions.filter((r) => SPEAKS[code](r, policy)) }))
			.filter(({ regions }) => regions.length > 0)
			.at(-1);
		if (!newest || isClosed(file, code, newest.on)) return [];
		return [{ reason: { code, level: 'clinician', on: newest.on }, regions: newest.regions }];
	});
}

/** Whether a report says what an outcome of something closes; false for signs, which are asked for by name. */
export function speaksOf(of: Closable, regions: readonly RegionReport[], policy: Policy): boolean {
	const speaks = SPEAKS[of as Reported] as (typeof SPEAKS)[Reported] | undefined;
	return speaks !== undefined && regions.some((region) => speaks(region, policy));
}
