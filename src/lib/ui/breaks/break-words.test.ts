import { describe, expect, it } from 'vitest';
import { SOUND_BODY } from '../../../../tests/support/sound-body';
import { BREAK_KINDS, BREAK_SCHEDULES } from '$lib/core/breaks/break-schedules';
import { chooseExerciseSet } from '$lib/core/breaks/choose-exercise-set';
import { REGIONS } from '$lib/core/cases/discomfort/regions';
import { messagesFor } from '$lib/messages';
import { breakTextsFor } from '$lib/messages/breaks';
import { breakKindWords, breakScheduleWords, shortBreakKindWords } from './break-words';

const texts = breakTextsFor(messagesFor().locale);

/** What nobody says to someone who stays seated. */
const ON_FEET = /\bstairs?\b|\bget(?:ting)? up\b|\bstand(?:ing)?\b|\bon your feet\b|\bwalk(?:ing)?\b|^up\b/i;

describe('words for who stays seated', () => {
	it('have nothing on one’s feet in them: break schedules, kinds of break, exercises', () => {
		const said = [
			...BREAK_SCHEDULES.flatMap((breakSchedule) =>
				Object.values(breakScheduleWords(texts, breakSchedule, true))
			),
			...BREAK_KINDS.flatMap((kind) => [
				breakKindWords(texts, kind, true),
				shortBreakKindWords(texts, kind, true)
			])
		];
		expect(said.filter((words) => ON_FEET.test(words))).toEqual([]);
		// The others are told so, or the words would say nothing.
		expect(
			BREAK_SCHEDULES.some((breakSchedule) =>
				ON_FEET.test(breakScheduleWords(texts, breakSchedule, false).why)
			)
		).toBe(true);
		expect(breakKindWords(texts, 'up', false)).toMatch(ON_FEET);
		for (const isInWheelchair of [true, false])
			for (const region of REGIONS)
				for (const kind of BREAK_KINDS) {
					const { exercises } = chooseExerciseSet({
						kind,
						seconds: 180,
						body: { ...SOUND_BODY, isInWheelchair, worst: { [region]: 5 } },
						positions: ['seated'],
						sinceMin: {}
					});
					const words = exercises.flatMap((id) => {
						const { name, phases } = texts.exercises[id];
						return [name, ...Object.values(phases as Record<string, string>)];
					});
					expect(words.filter((one) => ON_FEET.test(one))).toEqual([]);
				}
	});
});
