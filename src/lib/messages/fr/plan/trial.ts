import type { TrialTexts } from '../../shapes';

export const trialTexts: TrialTexts = {
	trying: { style: 'Vous essayez une autre façon de vous asseoir.', plan: 'Vous essayez un autre plan.' },
	look: { style: 'Voir comment s’asseoir', plan: 'Le voir' },
	day: {
		tried: 'C’est aujourd’hui le jour d’essai.',
		own: 'Aujourd’hui, asseyez-vous et travaillez selon votre plan, pour comparer.'
	},
	later: {
		tried: (day) => `Le jour d’essai est le ${day}.`,
		own: (day) =>
			`Le ${day}, asseyez-vous et travaillez selon votre plan. Répondez ensuite à la même question.`
	},
	care: 'Arrêtez si quelque chose fait plus mal qu’avant, ou si vous sentez des picotements ou un engourdissement.',
	question: 'La journée a-t-elle été confortable ? 0 veut dire très mauvaise, 10 très bonne.',
	asksByEmail: (time) => `Nous vous poserons aussi la question par e-mail à ${time}.`,
	doneForToday: 'J’ai fini pour aujourd’hui',
	save: 'Enregistrer',
	notToday: 'Je ne l’ai pas fait aujourd’hui',
	days: (tried, own) => `Le jour d’essai : ${tried} sur 10. Le jour avec votre plan : ${own} sur 10.`,
	better: {
		tried: 'Le jour d’essai était mieux.',
		own: 'Le jour avec votre plan était mieux.',
		same: 'Il n’y a pas eu de différence nette.'
	},
	keep: { tried: 'Garder ce que j’ai essayé', own: 'Garder mon plan' },
	stop: 'Arrêter l’essai',
	tryPlan: 'Essayer ce plan pendant un jour'
};
