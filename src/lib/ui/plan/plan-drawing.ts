import type { Corner } from '$lib/core/corner';
import type { Plan } from '$lib/core/plan';
import type { DrawingStyle } from '$lib/core/side-view';

/** What another way to the same end is drawn with: the corner as the plan leaves it, and the person as they want to be drawn. */
export interface PlanDrawing {
	readonly corner: Corner;
	readonly plan: Plan | null;
	readonly drawnAs: DrawingStyle;
}
