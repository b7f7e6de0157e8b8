ALTER TABLE "observations" ADD COLUMN "heights" text;--> statement-breakpoint
ALTER TABLE "observations" ADD COLUMN "heights_after" text;--> statement-breakpoint
ALTER TABLE "observations" ADD COLUMN "helped_by" text[];--> statement-breakpoint
ALTER TABLE "observations" ADD COLUMN "first_choice" text[];--> statement-breakpoint
UPDATE "observations" o SET "heights" = CASE
		WHEN jsonb_path_exists(j."document", '$.standing[*] ? (@.verdict == "off")') THEN 'off'
		WHEN jsonb_path_exists(j."document", '$.standing[*] ? (@.verdict == "unsure")') THEN 'unsure'
		WHEN jsonb_path_exists(j."document", '$.standing[*]') THEN 'fits'
		ELSE 'unsure' END
	FROM "judgements" j WHERE j."id" = o."judgement_id";--> statement-breakpoint
UPDATE "observations" o SET
		"heights_after" = CASE
			WHEN o."stays_open" THEN 'off'
			WHEN p."plan" IS NULL THEN o."heights"
			WHEN jsonb_path_exists(p."plan", '$.after[*] ? (@.verdict == "off")') THEN 'off'
			WHEN jsonb_path_exists(p."plan", '$.after[*] ? (@.verdict == "unsure")') THEN 'unsure'
			ELSE 'fits' END,
		"helped_by" = CASE WHEN o."stays_open" THEN coalesce(
			(SELECT array_agg(DISTINCT thing ORDER BY thing) FROM jsonb_path_query(p."advice", '$.purchases[*].purchases[*]') t(item), LATERAL (SELECT item #>> '{}' AS thing) i),
			o."needs") ELSE '{}' END,
		"first_choice" = o."needs"
	FROM "judgements" j
	LEFT JOIN LATERAL (SELECT s."id" FROM "assessments" s WHERE s."person_id" = j."person_id" AND s."spot_of" IS NULL AND s."answered_at" <= j."at"
		ORDER BY s."answered_at" DESC, s."id" DESC LIMIT 1) a ON true
	LEFT JOIN LATERAL (SELECT p."plan", p."advice" FROM "plans" p WHERE p."assessment_id" = a."id" AND p."made_at" <= j."at"
		ORDER BY p."made_at" DESC LIMIT 1) p ON true
	WHERE j."id" = o."judgement_id";--> statement-breakpoint
ALTER TABLE "observations" ALTER COLUMN "heights" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "observations" ALTER COLUMN "heights_after" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "observations" ALTER COLUMN "helped_by" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "observations" ALTER COLUMN "first_choice" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_heights_check" CHECK ("observations"."heights" in ('fits', 'unsure', 'off'));--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_heights_after_check" CHECK ("observations"."heights_after" in ('fits', 'unsure', 'off'));
