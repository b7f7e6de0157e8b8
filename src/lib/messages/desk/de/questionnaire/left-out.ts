import { RECENT_ANSWER_DAYS } from '$lib/core/platform/sending';
import type { DeskTexts } from '../../shapes';

/** People left out of a send. */
export const leftOutTexts: DeskTexts['leftOut'] = {
	/** Why someone is left out, after their name. */
	reasons: {
		bounced: 'E-Mails kommen zurück',
		grave: 'offenes Warnzeichen',
		referred: 'überwiesen',
		begun: 'antwortet gerade',
		fresh: `hat in den letzten ${RECENT_ANSWER_DAYS} Tagen geantwortet`,
		answered: 'hat vor Kurzem geantwortet'
	},
	group: (names, more, reason) => `${names.join(', ')}${more > 0 ? ` und ${more} weitere` : ''} (${reason})`
};
