import { isEquipmentItem } from '$lib/core/plan/equipment';
import type { TimelineEntry } from '$lib/core/cases/timeline';
import { deskCatalogue, deskWords } from './index';
import { dayWords } from '../dates';
import { recordActWords } from './record-words';
import { hazardWords } from './triage-words';
import { itemWords } from './workforce-words';

type Act = Extract<TimelineEntry['event'], { kind: 'act' }>;

const asKey = <T extends object>(table: T, key: unknown): T[keyof T] | undefined =>
	typeof key === 'string' && Object.hasOwn(table, key) ? table[key as keyof T] : undefined;

/** An audit-log line, with what it was about. */
export function actWords({ act, detail }: Act): string {
	const t = deskCatalogue();
	const { timeline: texts, requests, triage } = deskWords;
	const words = recordActWords(act);
	const { purchase } = detail;
	const thing = typeof purchase === 'string' && isEquipmentItem(purchase) ? itemWords(purchase) : undefined;
	const state = asKey(requests.states, detail.to);
	const step = asKey(t.steps.places, detail.place);
	if (act === 'step-ticked' && step) return detail.done === 0 ? texts.stepUndone(step) : texts.stepDone(step);
	if (act === 'finding-ticked') {
		const ticked = asKey(texts.problemTicked, detail.how) ?? words;
		const hazard = typeof detail.finding === 'string' ? hazardWords(detail.finding) : null;
		return hazard ? texts.actAbout(ticked, hazard) : ticked;
	}
	if (act === 'signs-lifted') {
		const lifted = asKey(triage.lifted, detail.how);
		return lifted ? texts.actAbout(words, lifted) : words;
	}
	if (act === 'equipment-decided' && thing && state) return texts.actAbout(thing, state);
	if (thing) return texts.actAbout(words, thing);
	if (act === 'follow-up-set' && typeof detail.due === 'string')
		return texts.actFor(words, dayWords(detail.due));
	return words;
}
