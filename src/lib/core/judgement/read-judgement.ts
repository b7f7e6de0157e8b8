import { signNamed } from '../discomfort';
import type { Level } from '../triage';
import type { Judgement, Reason } from './judgement';

/** Levels of version 1 by their names of now. */
const LEVELS_1: Readonly<Record<string, Level>> = { now: 'emergency', settled: 'done' };

const levelNamed = (level: string): Level => LEVELS_1[level] ?? (level as Level);

/** A judgement as it was stored, in any version. */
export type StoredJudgement = Judgement | JudgementOfVersion1;

/** What version 1 had otherwise: names of levels, signs and what waits; nothing of findings, and no actions. */
export type JudgementOfVersion1 = Omit<
	Judgement,
	'format' | 'level' | 'reasons' | 'actions' | 'findings' | 'carriedOut'
> & {
	readonly format: 'easy-corner.judgement/1';
	readonly level: string;
	readonly reasons: readonly (Omit<Reason, 'level' | 'sign' | 'what'> & {
		readonly level: string;
		readonly sign?: string;
		readonly what?: string;
	})[];
};

/** Reads a judgement as one of version 2. What it said of the person stays as it was said: a level is renamed, never changed. */
export function readJudgement(stored: StoredJudgement): Judgement {
	if (stored.format === 'easy-corner.judgement/2') return stored;
	const reasons = stored.reasons.map(({ sign, what, level, ...reason }): Reason => {
		const named = sign === undefined ? null : signNamed(sign);
		return {
			...reason,
			level: levelNamed(level),
			...(named && { sign: named }),
			...(what !== undefined && { what: (what === 'question' ? 'message' : what) as Reason['what'] })
		} as Reason;
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
