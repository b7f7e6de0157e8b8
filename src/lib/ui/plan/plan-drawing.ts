import type { Corner } from '$lib/core/workstation/corner/corner';
import type { Plan } from '$lib/core/plan/plan-corner';
import type { DrawingStyle } from '$lib/core/workstation/side-view/drawing-style';

/** What a variant is drawn with: the workstation after the plan, and how the person wants to be drawn. */
export interface PlanDrawing {
	readonly corner: Corner;
	readonly plan: Plan | null;
	readonly drawnAs: DrawingStyle;
}
