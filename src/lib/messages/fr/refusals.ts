import type { refusalTexts } from '../en/refusals';

/** Why an act at the employee's door was refused, and what to do about it. */
export const refusalTextsFr: typeof refusalTexts = {
	notComplete: 'Ce lien n’est pas complet. Ouvrez-le à nouveau depuis votre e-mail, ou copiez-le en entier.',
	endedReplaced: 'Ce lien a été remplacé par un plus récent. Utilisez le dernier e-mail de la coordination.',
	endedLeft:
		'Ce lien ne fonctionne plus car vous êtes indiqué comme parti. Si c’est faux, dites-le à la coordination. Si vous ne vous sentez pas bien, appelez maintenant votre médecin ou le numéro d’urgence.',
	endedWithdrawn:
		'Vous avez retiré vos réponses, ce lien ne fonctionne donc plus. Si vous voulez participer malgré tout, demandez un nouveau lien à la coordination.',
	tooManySolves:
		'Vous avez fait beaucoup de plans aujourd’hui. Vos réponses sont enregistrées. Refaites un plan demain.',
	tooManyMessages:
		'Vous avez envoyé beaucoup de messages aujourd’hui. La coordination les a tous. Écrivez à nouveau demain, ou appelez.',
	tooManyMeasures: 'Vous avez mesuré souvent aujourd’hui. Mesurez à nouveau demain.',
	tooManyRequests: 'Vous l’avez changé souvent aujourd’hui. Changez-le demain, ou écrivez à la coordination.',
	noPlanYet: 'Il n’y a pas encore de plan. Répondez d’abord aux questions.',
	finishFirst: 'Répondez d’abord aux questions. Nous saurons alors ce qui aide.',
	tooLarge:
		'C’est plus que ce que nous pouvons enregistrer dans une auto-évaluation. Retirez d’abord quelque chose.',
	consentFirst:
		'Lisez ce que nous demandons et choisissez d’abord « Commencer ». Avant cela, nous ne transmettons que les signes d’alerte.',
	emergencyOpen:
		'Vous avez signalé un signe d’urgence, vos pages sont donc fermées pour l’instant. Vos saisies sont enregistrées. Ouvrez votre lien : il montre le numéro à appeler et la suite.',
	changedMeanwhile: 'Vos réponses ont changé pendant la préparation du plan. Tout est enregistré. Réessayez.',
	notShared: 'Vous ne partagez pas vos pauses, rien n’a donc été enregistré.',
	planGone: 'Ce plan a été remplacé. Voici le plus récent.',
	enoughSpots: ({ most }) => `Vous avez déjà ${most} postes.`
};
