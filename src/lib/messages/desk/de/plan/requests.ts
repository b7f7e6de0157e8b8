import type { DeskTexts } from '../../shapes';

/** Equipment requests. */
export const requestTexts: DeskTexts['requests'] = {
	states: {
		asked: 'angefragt',
		approved: 'genehmigt',
		ordered: 'bestellt',
		sent: 'unterwegs',
		arrived: 'angekommen',
		returned: 'zurückgegeben',
		declined: 'abgelehnt'
	},
	/** Buttons that move a request to each state. */
	testDone: 'gemacht',
	markTestDone: 'Als heute gemacht eintragen',
	acts: {
		asked: 'Anfrage wieder öffnen',
		approved: 'Genehmigen',
		ordered: 'Als bestellt markieren',
		sent: 'Als gesendet markieren',
		arrived: 'Als angekommen markieren',
		returned: 'Als zurückgegeben markieren',
		declined: 'Ablehnen'
	}
};
