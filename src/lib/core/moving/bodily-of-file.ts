import { openReported, openSigns } from '../judgement/open-signs';
import type { PersonFile } from '../judgement/file';
import { reportsOf } from '../judgement/reports';
import type { Reason } from '../judgement/judgement';
import { isGraver, type Policy } from '../triage';
import type { Bodily } from './choose-set';

/**
 * What a person's file says for their breaks: what hurts by the newest report, which regions have a sign that nobody has
 * dealt with, and whether there is one that names no region, or one that is urgent.
 */
export function bodilyOf(
	file: PersonFile,
	policy: Policy
): Pick<Bodily, 'worst' | 'signs' | 'hasOtherSign' | 'hasUrgentSign'> {
	const reports = reportsOf(file);
	const newest = reports.at(-1)?.regions ?? [];
	// Two sides of a region are two reports: the worse one counts.
	const worst: Record<string, number> = {};
	for (const { region, worst: score } of newest) worst[region] = Math.max(worst[region] ?? 0, score);
	const spoken = openReported(file, reports, policy).filter(({ reason }) => reason.code !== 'severe');
	const signs = openSigns(file);
	const isUrgent = ({ level }: Reason) => !isGraver('urgent', level);
	return {
		worst,
		signs: [...new Set(spoken.flatMap(({ regions }) => regions.map(({ region }) => region)))],
		hasOtherSign: signs.length > 0,
		hasUrgentSign: [...signs, ...spoken.map(({ reason }) => reason)].some(isUrgent)
	};
}
