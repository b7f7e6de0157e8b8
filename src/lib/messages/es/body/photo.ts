import type { PhotoTexts } from '../../shapes';

export const photoTexts: PhotoTexts = {
	title: 'Medir con una foto de perfil',
	lead: 'Una foto de perfil puede sustituir a alguien con una cinta métrica. Usted marca en ella sus articulaciones y esta página calcula los ángulos y las alturas.',
	private:
		'La foto nunca sale de este dispositivo. No se envía ni se guarda, y desaparece al cerrar esta página. Solo se guardan los números, y solo si usted quiere.',
	how: [
		'Ponga la cámara a 2 o 3 metros, a la altura del codo, justo de frente a su costado. Use el temporizador o pida a alguien que pulse el botón.',
		'Sujete una hoja A4 plana contra su costado, de cara a la cámara, o fíjela al reposabrazos. Una tarjeta bancaria también sirve, pero es menos exacta.',
		'Siéntese como trabaja, con las manos en el teclado. Para las medidas del cuerpo, siéntese recto.'
	],
	choose: 'Elegir una foto',
	take: 'Hacer una foto',
	another: 'Usar otra foto',
	notOpened: 'Este archivo no se puede abrir como imagen. Elija una foto JPEG o PNG.',
	tooSmall: (px) =>
		`Esta imagen es demasiado pequeña para medir en ella. Necesita al menos ${px} píxeles en el lado más largo.`,
	needsStature: 'Indique primero su estatura en la primera página. La foto se interpreta con ella.',
	toStature: 'Indicar mi estatura',
	scaleLegend: '¿Qué cosa de la foto tiene un tamaño conocido?',
	scales: {
		a4: 'Una hoja A4',
		card: 'Una tarjeta bancaria',
		table: 'La mesa, cuya altura ha medido'
	},
	placeNext: (name) => `Siguiente: ${name}. Toque el lugar en la foto.`,
	allPlaced: 'Todo está marcado. Revise cada marca y muévala si hace falta.',
	keys: 'Arrastre una marca, o selecciónela y use las flechas. Con Mayús, los pasos son más grandes. Intro coloca la marca siguiente.',
	moveMark: 'Marca que mover',
	ways: {
		left: 'un píxel a la izquierda',
		up: 'un píxel hacia arriba',
		down: 'un píxel hacia abajo',
		right: 'un píxel a la derecha'
	},
	magnifier: 'Lupa',
	picture: 'Su foto con las marcas',
	undo: 'Quitar la última marca',
	marks: {
		corner1: 'primera esquina de la hoja o tarjeta',
		corner2: 'segunda esquina de la hoja o tarjeta',
		corner3: 'tercera esquina de la hoja o tarjeta',
		corner4: 'cuarta esquina de la hoja o tarjeta',
		tableTop: 'parte de arriba del borde de la mesa junto a usted',
		floor: 'suelo bajo el talón',
		seat: 'parte de arriba del asiento bajo el muslo',
		eye: 'extremo exterior del ojo',
		ear: 'conducto del oído',
		neck: 'hueso en la base del cuello',
		shoulder: 'centro de la articulación del hombro',
		elbow: 'hueso exterior del codo',
		wrist: 'centro de la muñeca',
		knuckle: 'nudillo del meñique',
		hip: 'articulación de la cadera, el hueso del costado',
		knee: 'parte exterior de la rodilla',
		ankle: 'hueso exterior del tobillo',
		upright1: 'parte de arriba de algo vertical, como el marco de una puerta',
		upright2: 'parte de abajo de la primera línea vertical',
		upright3: 'parte de arriba de una segunda línea vertical, lejos de la primera',
		upright4: 'parte de abajo de la segunda línea vertical'
	},
	skipUpright: 'No hay nada más vertical en la foto',
	edgesFound: 'Se han encontrado los bordes de la hoja en la foto y las esquinas se han puesto sobre ellos.',
	edgesNotFound:
		'Los bordes no se distinguen del fondo. Coloque las esquinas con la mayor exactitud posible.',
	result: 'Resultados de la foto',
	angles: {
		neck: 'Cuello: inclinado hacia delante',
		'head-trunk': 'Oreja, hombro y cadera: en línea son 180°',
		elbow: 'Codo',
		wrist: 'Muñeca: doblada hacia arriba',
		hip: 'Cadera: entre el tronco y el muslo',
		knee: 'Rodilla'
	},
	published: {
		elbow: 'intervalo publicado de 70 a 135°',
		wrist: 'intervalo publicado hasta 30°',
		hip: 'intervalo publicado desde 90°'
	},
	source: 'Intervalos: ANSI/HFES 100-2007. Un ángulo describe, no es un diagnóstico.',
	heights: {
		eye: 'Ojo sobre el suelo',
		elbow: 'Codo sobre el suelo',
		seat: 'Asiento sobre el suelo, con usted encima'
	},
	value: (value, spread) => `${value} ± ${spread}`,
	spread: 'En 95 de cada 100 fotos, el número verdadero está dentro de ±.',
	issues: {
		scale: 'Las cuatro esquinas no parecen una hoja plana de este tamaño. Revíselas.',
		'upper-arm': 'Su brazo sale demasiado largo o corto. Revise el hombro, el codo y la hoja.',
		'too-near': 'La cámara estaba muy cerca. Aléjela al menos a 1,5 metros.',
		turned: 'La cámara le miraba de lado. Gírela para que mire justo a su costado.'
	},
	lengthsLegend: 'Medidas del cuerpo para usar en su autoevaluación',
	straight: 'En esta foto estoy recto',
	needsStraight: 'Las medidas solo cuentan si está recto, como cuando alguien le mide.',
	lengthNow: (length) => `ahora ${length}`,
	notMeasured: 'aún sin medir',
	save: 'Guardar estos números',
	saveHow: 'Quien le atiende ve los números junto con sus respuestas. La foto se queda aquí.',
	saved: 'Los números se han guardado con sus respuestas.',
	remove: 'Borrar los números de la foto',
	removed: 'Los números de la foto se han borrado.',
	overlay: 'Discontinuo: usted en la foto, sobre la vista de perfil de sus respuestas.',
	back: 'Volver a las preguntas'
};
