import { redFlagNamed } from '../discomfort/red-flags';
import type { TriageLevel } from '../triage/policy';
import type { AssessmentResult, TriageReason } from './assessment-result';

/** Levels of version 1 under their present names. */
const LEVELS_1: Readonly<Record<string, TriageLevel>> = { now: 'emergency', settled: 'done' };

const levelNamed = (level: string): TriageLevel => LEVELS_1[level] ?? (level as TriageLevel);

/** An assessment result as stored, of any version. */
export type StoredAssessmentResult = AssessmentResult | AssessmentResultV1;

/** Where version 1 differs: names of levels, warning signs and waiting items; no findings and no actions. */
type AssessmentResultV1 = Omit<
	AssessmentResult,
	'format' | 'level' | 'reasons' | 'actions' | 'findings' | 'carriedOut'
> & {
	readonly format: 'easy-corner.judgement/1';
	readonly level: string;
	readonly reasons: readonly (Omit<TriageReason, 'level' | 'sign' | 'what'> & {
		readonly level: string;
		readonly sign?: string;
		readonly what?: string;
	})[];
};

/** Reads an assessment result as version 2. What it said about the person is kept: a level is renamed, never changed. */
export function readAssessmentResult(stored: StoredAssessmentResult): AssessmentResult {
	if (stored.format === 'easy-corner.judgement/2') return stored;
	const reasons = stored.reasons.map(({ sign, what, level, ...reason }): TriageReason => {
		const named = sign === undefined ? null : redFlagNamed(sign);
		return {
			...reason,
			level: levelNamed(level),
			...(named && { sign: named }),
			...(what !== undefined && { what: (what === 'question' ? 'message' : what) as TriageReason['what'] })
		} as TriageReason;
	});
	return {
		...stored,
		format: 'easy-corner.judgement/2',
		level: levelNamed(stored.level),
		reasons,
		actions: [],
		findings: [],
		carriedOut: stored.plan?.carriedOut ?? null
	};
}
