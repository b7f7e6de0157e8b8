import { isPermitted } from '$lib/core/platform/access/permissions';
import type { Grouping } from '$lib/core/workforce/codes';
import type { WorkforceView } from '$lib/core/workforce/view';

/** Who is looking at what, as far as it leads to people. */
interface Looking {
	readonly role: string | null;
	readonly view: Pick<WorkforceView, 'on' | 'today' | 'by' | 'group' | 'team'>;
}

const LISTED: readonly (Grouping | null)[] = ['team', 'country'];

/**
 * URL of the list of people behind a figure; null where there is none: for an earlier day, for a role that sees no people, or for a group
 * by which the list can't be filtered.
 */
export function peopleHref({ role, view }: Looking, of: Readonly<Record<string, string>>): string | null {
	const { by, group, team } = view;
	if (!isPermitted(role ?? '', 'people:read') || view.today !== view.on) return null;
	if (group !== null && (!LISTED.includes(by) || group === '')) return null;
	const narrowed = { ...(group && by ? { [by]: group } : {}), ...(team ? { team } : {}) };
	return `/desk/people?${new URLSearchParams({ ...of, ...narrowed })}`;
}
