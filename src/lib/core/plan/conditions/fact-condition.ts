import type { FactName, Facts } from './facts';

/** When something applies: each fact that is named must have one of these values. With none named it applies to everyone. */
export type FactCondition = Readonly<Partial<{ readonly [K in FactName]: readonly Facts[K][] }>>;

/** Whether a condition holds for some facts. */
export function conditionHolds(holds: FactCondition, facts: Facts): boolean {
	return (Object.keys(holds) as FactName[]).every((name) =>
		(holds[name] as readonly string[] | undefined)?.includes(facts[name])
	);
}
