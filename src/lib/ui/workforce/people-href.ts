import { isPermitted } from '$lib/core/access';
import type { Grouping, WorkforceView } from '$lib/core/workforce';

/** Who looks at what, as far as it leads to people. */
interface Looking {
	readonly role: string | null;
	readonly view: Pick<WorkforceView, 'on' | 'today' | 'by' | 'group' | 'team'>;
}

/** Dimensions that the list of people can be narrowed to. */
const LISTED: readonly (Grouping | null)[] = ['team', 'country'];

/**
 * Where the people of a figure are listed; null where they can't be: of an earlier day, for who sees no people, or of a group that the list of people
 * can't be narrowed to.
 */
export function peopleHref({ role, view }: Looking, of: Readonly<Record<string, string>>): string | null {
	const { by, group, team } = view;
	if (!isPermitted(role ?? '', 'people:read') || view.today !== view.on) return null;
	if (group !== null && (!LISTED.includes(by) || group === '')) return null;
	const narrowed = { ...(group && by ? { [by]: group } : {}), ...(team ? { team } : {}) };
	return `/desk/people?${new URLSearchParams({ ...of, ...narrowed })}`;
}
