import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { adviseCorner } from '../src/lib/core/plan/advice/advise-corner';
import { cornerFromAnswers } from '../src/lib/core/questionnaire/answers/corner-from-answers';
import { checkCorner } from '../src/lib/core/workstation/checks/check-corner';
import type { Corner } from '../src/lib/core/workstation/corner/corner';
import { planOptions } from '../src/lib/core/plan/plan-options';
import { planCorner, bestPlans } from '../src/lib/core/plan/plan-corner';
import { purchaseOutcomes } from '../src/lib/core/plan/purchase-outcomes';
import { sideViewOf } from '../src/lib/core/workstation/side-view/side-view';
import { DEMO_PEOPLE } from '../seed/people';
import { randomCorner } from '../tests/support/random-corner';
import { prepareProblem } from '../src/lib/core/plan/plan-problem';
import { integerProgramCost } from '../tests/support/integer-program';
import { measure, print, quantile, rounded } from './measure';

const demo: readonly Corner[] = DEMO_PEOPLE.flatMap(({ answers }) => {
	const corner = answers && cornerFromAnswers(answers, 'upright').corner;
	return corner ? [corner] : [];
});

/** Random homes of about so many rigid and soft pieces. */
function homes(rigid: number, soft: number, count: number): Corner[] {
	const found: Corner[] = [];
	for (let seed = 0; found.length < count; seed += 1) {
		const corner = randomCorner(seed, { rigid: rigid + 6, soft: soft + 2, span: seed % 4 === 0 ? 100 : 0 });
		const pieces = (isSoft: boolean) =>
			corner.household
				.filter((item) => ['pillow', 'cushion', 'towel', 'blanket', 'bolster'].includes(item.kind) === isSoft)
				.reduce((sum, item) => sum + (item.count ?? 1), 0);
		if (Math.abs(pieces(false) - rigid) <= 2 && Math.abs(pieces(true) - soft) <= 1) found.push(corner);
	}
	return found;
}

/** Sixty thin and odd pieces that all want to go everywhere. */
function oddHomes(count: number): Corner[] {
	return Array.from({ length: count }, (_, seed) => ({
		...randomCorner(seed, { rigid: 0, soft: 0, span: 60 }),
		household: Array.from({ length: 60 }, (_, i) => ({
			id: `p${i}`,
			kind: 'book' as const,
			label: `p${i}`,
			size: [300 + ((i * 37) % 90), 210 + ((i * 53) % 90), 3 + ((i * (29 + seed)) % (4 + seed))] as const
		}))
	}));
}

/** The same plans by the core and by an integer-programming solver, one after the other in one run. */
async function againstSolver(cases: readonly Corner[]): Promise<void> {
	const [ours, solver]: [number[], number[]] = [[], []];
	let equal = 0;
	for (const corner of cases) {
		const began = performance.now();
		const cost = bestPlans(prepareProblem(corner), 1).plans[0]?.cost;
		const between = performance.now();
		if (!cost) throw new Error('No plan');
		const theirs = await integerProgramCost(corner);
		const ended = performance.now();
		ours.push(between - began);
		solver.push(ended - between);
		if (JSON.stringify(theirs) === JSON.stringify(cost)) equal += 1;
	}
	const total = (times: readonly number[]) => times.reduce((sum, t) => sum + t, 0);
	const p50 = (times: readonly number[]) =>
		rounded(
			quantile(
				[...times].sort((a, b) => a - b),
				0.5
			)
		);
	print({
		figure: 'core: one plan against an integer-programming solver (HiGHS)',
		unit: 'times faster',
		runs: cases.length,
		equal,
		inAll: rounded(total(solver) / total(ours)),
		p50Ms: p50(ours),
		solverP50Ms: p50(solver)
	});
}

/** A workforce through the command line, including start-up. */
async function lines(corners: readonly Corner[]): Promise<void> {
	const began = performance.now();
	const child = spawn(process.execPath, ['--import', 'tsx', 'cli/core.ts', 'plan', '--lines'], {
		stdio: ['pipe', 'pipe', 'inherit']
	});
	let answers = 0;
	child.stdout.on('data', (chunk: Buffer) => (answers += chunk.toString().split('\n').length - 1));
	child.stdin.end(corners.map((corner) => `${JSON.stringify(corner)}\n`).join(''));
	await once(child, 'close');
	const seconds = rounded((performance.now() - began) / 1000);
	print({ figure: 'core: plan --lines, employees of the demo kind', unit: 's', runs: 1, answers, seconds });
}

/** Options with fewer changes given a known best plan, and what purchases would change where the plan leaves gaps. */
function benchLadder(): void {
	const planned = (corners: readonly Corner[]) =>
		corners.flatMap((corner) => {
			const { plans, before } = planCorner(corner, 1);
			return plans[0] ? [{ corner, best: plans[0], before }] : [];
		});
	measure(
		'core: ladder, 24 rigid and 4 soft pieces',
		'ms',
		planned(homes(24, 4, 200)),
		({ corner, best, before }) => planOptions(corner, best, before)
	);
	measure('core: ladder, 60 odd pieces', 'ms', planned(oddHomes(60)), ({ corner, best, before }) =>
		planOptions(corner, best, before)
	);
	const open = planned(homes(6, 2, 200)).filter(({ best }) => best.open.length > 0);
	measure('core: purchases, something open', 'ms', open, ({ corner, best }) =>
		purchaseOutcomes(corner, best)
	);
}

/** Figures of the core: a plan, a check with its side view, and a workforce. */
export async function benchCore(): Promise<void> {
	const large = homes(24, 4, 200);
	measure('core: one plan, 24 rigid and 4 soft pieces', 'ms', large, (corner) => planCorner(corner, 1));
	measure('core: three plans, 24 rigid and 4 soft pieces', 'ms', large, (corner) => planCorner(corner, 3));
	measure('core: three plans, 60 odd pieces', 'ms', oddHomes(60), (corner) => planCorner(corner, 3));
	benchLadder();
	const many = Array.from({ length: 1000 }, (_, i) => demo[i % demo.length] as Corner);
	measure('core: check with section, demo people', 'ms', many, (corner) => {
		checkCorner(corner);
		return sideViewOf(corner, null);
	});
	measure('core: three plans, demo people', 'ms', many.slice(0, 300), (corner) => planCorner(corner, 3));
	measure('core: all advice, demo people', 'ms', many.slice(0, 100), adviseCorner);
	await againstSolver(large.slice(0, 60));
	await lines(many);
}
