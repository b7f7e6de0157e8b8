import { formReader } from '../http/read-body';
import type { RoundInput } from './make-round';

type RoundForm = Omit<RoundInput, 'filter'> & {
	readonly teams?: string;
	readonly country?: string;
	readonly within?: string;
	readonly version?: string;
};

/** Reads the form in which a round is written. Teams are lines of one field. */
export const readRoundForm = formReader<RoundForm>({
	type: 'object',
	additionalProperties: false,
	required: ['name', 'way', 'subject', 'body', 'startsOn', 'dueOn', 'timeZone'],
	properties: {
		name: { type: 'string', maxLength: 80 },
		teams: { type: 'string', maxLength: 20_000 },
		country: { type: 'string', pattern: '^(?:[A-Z]{2})?$' },
		within: { type: 'string', pattern: '^[0-9]{0,4}$' },
		way: { enum: ['upright', 'open', 'forearms-down', 'active'] },
		subject: { type: 'string', maxLength: 150 },
		body: { type: 'string', maxLength: 5000 },
		startsOn: { type: 'string', maxLength: 10 },
		dueOn: { type: 'string', maxLength: 10 },
		timeZone: { type: 'string', maxLength: 60 },
		version: { type: 'string', pattern: '^[0-9]{1,9}$' }
	}
});

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
