import { isEmergency, isUrgent, SIGNS, type RegionReport } from '../discomfort';
import type { Policy } from '../triage';
import { latest, type PersonFile } from './file';
import type { Reason } from './judgement';
import type { Report } from './reports';
import { REASON_LEVELS, type Closable } from './vocabulary';

/** Whether an outcome of something was recorded later than that. */
export function isClosed({ outcomes }: Pick<PersonFile, 'outcomes'>, of: Closable, seq: number): boolean {
	return outcomes.some((outcome) => outcome.seq > seq && outcome.of.includes(of));
}

/**
 * Signs without a later outcome, each once. No later answer closes one: a person who leaves a sign out has not said that it was seen to. Nor does
 * a tap of theirs on the stop page, which stands beside it.
 */
export function openSigns(file: PersonFile): Reason[] {
	const said = [...file.answers, ...file.checkIns];
	return SIGNS.flatMap((sign): Reason[] => {
		const newest = latest(said.filter(({ signs }) => signs.includes(sign)));
		if (!newest || isClosed(file, sign, newest.seq)) return [];
		const lifted = latest(file.lifted.filter(({ of, seq }) => of === sign && seq > newest.seq));
		const code = isEmergency(sign) ? 'emergency-sign' : isUrgent(sign) ? 'urgent-sign' : 'professional-sign';
		return [
			{
				code,
				level: REASON_LEVELS[code],
				on: newest.on,
				sign,
				...(lifted && { lifted: { on: lifted.on, how: lifted.how } })
			}
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

/** What any report says that is for a professional, each rule once by its latest, unless an outcome of it came later. */
export function openReported(file: PersonFile, reports: readonly Report[], policy: Policy): Grounded[] {
	return (Object.keys(SPEAKS) as Reported[]).flatMap((code): Grounded[] => {
		const newest = reports
			.map(({ seq, on, regions }) => ({ seq, on, regions: regions.filter((r) => SPEAKS[code](r, policy)) }))
			.filter(({ regions }) => regions.length > 0)
			.at(-1);
		if (!newest || isClosed(file, code, newest.seq)) return [];
		return [{ reason: { code, level: REASON_LEVELS[code], on: newest.on }, regions: newest.regions }];
	});
}
