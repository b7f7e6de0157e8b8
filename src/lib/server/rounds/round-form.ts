import { Type } from 'typebox';
import { ROUTES } from '../../core/answers';
import { RHYTHMS } from '../../core/moving/rhythm';
import { WAYS } from '../../core/corner';
import { day, text, version } from '../http/fields';
import { formReader } from '../http/read-body';
import { PERSON_FIELDS } from '../people/person-details';
import type { RoundInput } from './make-round';

/** Reads the form in which a round is written. Teams are lines of one field. */
export const readRoundForm = formReader({
	name: text(80),
	teams: Type.Optional(text(20_000)),
	country: Type.Optional(PERSON_FIELDS.country),
	within: Type.Optional(Type.String({ pattern: '^[0-9]{0,4}$' })),
	way: Type.Enum(WAYS),
	route: Type.Enum(ROUTES),
	rhythm: Type.Enum(RHYTHMS),
	subject: text(150),
	body: text(5000),
	startsOn: day,
	dueOn: day,
	timeZone: PERSON_FIELDS.timeZone,
	version: Type.Optional(version)
});

type RoundForm = Awaited<ReturnType<typeof readRoundForm>>;

/** The round that a form means. */
export function roundOfForm({
	teams = '',
	country = '',
	within = '',
	version: _,
	...rest
}: RoundForm): RoundInput {
	return {
		...rest,
		body: rest.body.replaceAll('\r\n', '\n'),
		filter: {
			teams: teams.split(/\r?\n/).filter((team) => team !== ''),
			country,
			notAnsweredWithinDays: Number(within || 0)
		}
	};
}
