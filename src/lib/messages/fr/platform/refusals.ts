import type { refusalTexts } from '../../en/platform/refusals';

/** Why something was refused to an employee, and what to do about it. */
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
	sharedSessionEnded: 'Cette séance est terminée. Commencez-en une autre si besoin.',
	notInSharedSession: 'Ceci n’en fait pas partie. Répondez sur la page prévue.',
	notShared: 'Vous ne partagez pas vos pauses, rien n’a donc été enregistré.',
	notOffered: 'Cela n’est plus proposé. Rechargez la page pour voir ce qui l’est.',
	trialAnswered: 'Ce jour a déjà sa réponse.',
	trialGone: 'Vous n’essayez plus rien. Voici votre plan.',
	planGone: 'Ce plan a été remplacé. Voici le plus récent.',
	enoughSpots: ({ most }) => `Vous avez déjà ${most} postes.`,
	writeAFewWords: 'Écrivez d’abord quelques mots.',
	busySolving: 'Nous préparons beaucoup de plans en ce moment. Rien n’est perdu. Réessayez dans une minute.',
	personGone: 'Ces données ont été supprimées.',
	noSuchDay: 'Choisissez un jour qui existe.',
	notUtf8: 'Nous n’avons pas pu lire ce texte. Envoyez-le en UTF-8.',
	nestedTooDeeply: 'Ces données ont trop de niveaux. Envoyez-les avec moins de niveaux.',
	notJson: 'Nous n’avons pas pu lire ces données. Envoyez du JSON valide.',
	unreadableForm: 'Nous n’avons pas pu lire ce formulaire. Rechargez la page et réessayez.',
	solvingTooLong:
		'Ce plan a pris trop de temps, nous avons donc arrêté. Rien n’est perdu. Réessayez avec moins d’objets.',
	tooManyWrites: ({ seconds }) =>
		`Trop de changements à la fois. Rien n’est perdu. Réessayez dans ${seconds === 1 ? 'une seconde' : `${seconds} secondes`}.`,
	tooManyWindows: 'Cette page est ouverte dans trop de fenêtres. Fermez-en quelques-unes, puis rechargez-la.',
	bodyTooLarge: ({ kB }) => `C’est plus de ${kB} ko. Envoyez moins à la fois.`,
	unreadableText: ({ at }) =>
		`${at || 'Le texte'} contient des caractères que nous ne pouvons pas lire. Retirez-les et réessayez.`,
	unreadableField: ({ field }) => `Nous ne pouvons pas lire ${field}.`,
	checked: () => 'Cette réponse ne convient pas. Vérifiez-la et réessayez.',
	foreignSite: 'Cette demande vient d’un autre site, nous ne l’avons donc pas exécutée.',
	noPageHere: 'Il n’y a pas de page à cette adresse. Vérifiez l’adresse ou revenez en arrière.',
	tooMuchAtOnce: 'C’est trop à la fois. Envoyez moins, puis réessayez.',
	unreadableRequest: 'Nous n’avons pas pu lire cela. Revenez en arrière et réessayez.',
	ourFault:
		'Quelque chose n’a pas fonctionné chez nous, et cette étape n’est pas enregistrée. Réessayez dans un instant.'
};
