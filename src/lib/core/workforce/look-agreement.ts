import { CHECK_IDS, type CheckId } from '../workstation/checks/check-values';
import type { Verdict } from '../workstation/checks/verdict';
import type { CoordinatorLook, LookResult } from '../cases/contact';
import { cohenKappa } from './statistics/cohen-kappa';
import { Z } from './statistics/interval';
import { MIN_GROUP_SIZE } from './group-size-limit';
import { figureTable, type CodeRule, type PublishedShare } from './figures';

/** What a coordinator saw of somebody's heights, and what was known of them from the answers then. */
export interface RecordedLook {
	readonly saw: CoordinatorLook;
	readonly known: Readonly<Partial<Record<CheckId, Verdict>>>;
}

/** How well answers agree with a coordinator's own look. */
export interface LookAgreement {
	/** People of whom a height was known and looked at. */
	readonly people: number;
	/**
	 * Of all heights together, beyond chance (Cohen's kappa), with its 95 % interval; null where chance alone explains it, and where it would
	 * tell of a few.
	 */
	readonly kappa: { readonly value: number; readonly low: number; readonly high: number } | null;
	/** By height: for how many people both say the same; null where it may not be published. */
	readonly checks: readonly { readonly check: CheckId; readonly figure: PublishedShare | null }[];
}

/** What the answers say, in a coordinator's words; null where they leave it open. */
const KNOWN_AS = { fits: 'fits', off: 'problem', unsure: null } as const satisfies Record<
	Verdict,
	LookResult | null
>;

const looked = (check: CheckId) => `looked ${check}`;
const agreed = (check: CheckId) => `agreed ${check}`;

const RULES: readonly CodeRule[] = CHECK_IDS.flatMap((check) => [
	{ code: looked(check), among: '', isPart: true },
	{ code: agreed(check), among: looked(check), mayBeAll: true }
]);

/** Heights of one person that were looked at and known: what was known, and what was seen. */
function pairsOf({ saw, known }: RecordedLook) {
	return CHECK_IDS.flatMap((check) => {
		const told = known[check] ? KNOWN_AS[known[check]] : null;
		const seen = saw[check];
		return told && seen ? [{ check, told, seen }] : [];
	});
}

/**
 * How well people's answers agree with a coordinator's own look, by height and together; null where too few were looked at to publish it.
 * Heights of one person aren't independent, so that the interval of all together is somewhat too narrow. Cost: the number of looks.
 * @param looks the newest of each person
 */
export function lookAgreement(looks: readonly RecordedLook[]): LookAgreement | null {
	const compared = looks.map(pairsOf).filter((pairs) => pairs.length > 0);
	const counts: Record<string, number[]> = {};
	const table = { fits: { fits: 0, problem: 0 }, problem: { fits: 0, problem: 0 } };
	for (const { check, told, seen } of compared.flat()) {
		const codes = [looked(check), ...(told === seen ? [agreed(check)] : [])];
		for (const code of codes) counts[code] = [(counts[code]?.[0] ?? 0) + 1];
		table[told][seen] += 1;
	}
	const { people, figures } = figureTable({ groups: [''], people: [compared.length], counts }, RULES);
	const shareOf = (code: string) => figures.find((one) => one.code === code)?.all ?? null;
	if (people.all === null) return null;
	const apart = table.fits.problem + table.problem.fits;
	const { kappa, standardError } = cohenKappa([
		[table.fits.fits, table.fits.problem],
		[table.problem.fits, table.problem.problem]
	]);
	return {
		people: people.all,
		kappa:
			kappa === null || standardError === null || (apart > 0 && apart < MIN_GROUP_SIZE)
				? null
				: {
						value: kappa,
						low: Math.max(-1, kappa - Z * standardError),
						high: Math.min(1, kappa + Z * standardError)
					},
		checks: CHECK_IDS.flatMap((check) =>
			shareOf(looked(check)) ? [{ check, figure: shareOf(agreed(check)) }] : []
		)
	};
}
