import type { FactName, Facts } from './facts';

/** Where something holds: every fact that is named is one of these. Nothing named holds everywhere. */
export type FactCondition = Readonly<Partial<{ readonly [K in FactName]: readonly Facts[K][] }>>;

/** Whether a condition holds by some facts. */
export function conditionHolds(holds: FactCondition, facts: Facts): boolean {
	return (Object.keys(holds) as FactName[]).every((name) =>
		(holds[name] as readonly string[] | undefined)?.includes(facts[name])
	);
}
