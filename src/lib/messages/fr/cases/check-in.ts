import type { AsideTexts } from '../../shapes';

export const checkInTexts: AsideTexts['checkIn'] = {
	title: 'Comment va votre poste maintenant ?',
	lead: 'Cela prend deux à trois minutes.',
	undoneTitle: 'Ce que vous avez changé',
	undoneLead: 'Cochez ce qui n’est plus en place. Si tout est encore là, ne cochez rien.',
	undoneNone: 'Vous n’avez encore coché aucune étape de votre plan.',
	discomfortTitle: 'Comment vous vous sentez',
	discomfortLead:
		'Ces sept derniers jours. Choisissez un chiffre pour chaque zone du corps et ajoutez celles qui font mal.',
	noDiscomfort: 'Rien n’a fait mal ces sept derniers jours',
	worst: 'Au pire moment, de 0 à 10',
	days: 'Combien de jours sur les sept',
	another: 'Une autre zone du corps',
	kinds: 'Qu’est-ce que vous ressentez ?',
	hinders: 'Est-ce que cela vous gêne au travail ?',
	newsTitle: 'Du nouveau ?',
	newsLead: 'Cochez ce qui a changé depuis que votre plan a été fait.',
	news: {
		glasses: 'Nouvelles lunettes ou lentilles',
		moved: 'Une autre pièce ou une autre table',
		chair: 'Une autre chaise',
		pregnancy: 'Une grossesse',
		other: 'Autre chose'
	},
	send: 'Envoyer mes réponses',
	missing: 'Il manque encore quelque chose. Le premier endroit est marqué.',
	missingDiscomfort: 'Choisissez un chiffre pour chaque zone, ou indiquez que rien n’a fait mal.',
	doneTitle: 'Merci',
	doneLead: 'La coordination a reçu vos réponses.',
	doneWell: 'Tout est encore en place et rien n’est nouveau. Vous n’avez rien à faire.',
	remarks: {
		'see-today':
			'Ce que vous avez indiqué demande un avis médical aujourd’hui, même si votre poste est bien réglé. N’attendez pas notre appel.',
		'see-professional':
			'Parlez de ce que vous avez indiqué à un médecin ou à un kinésithérapeute, même si votre poste est bien réglé.',
		'still-hurts':
			'Quelque chose fait encore mal. Si c’est pire depuis un changement, annulez-le. Si cela ne passe pas, consultez un médecin.',
		'steps-open': 'Certaines étapes de votre plan ne sont pas encore faites.',
		'problems-open': 'Certains problèmes de votre plan ne sont pas encore réglés.',
		'with-coordinator': 'Un message ou une demande de votre part attend encore une réponse.'
	},
	undoneNext: 'Votre plan montre comment remettre ce qui n’est plus en place.',
	newsNext: 'Comme quelque chose a changé, vérifiez ces pages. Corrigez seulement ce qui est différent.',
	newsPage: (title) => `À vérifier : ${title}`,
	otherNext: 'Écrivez en quelques mots à la coordination ce qui a changé.',
	plan: 'Aller à mon plan'
};
