CREATE TABLE "current_figures" (
	"screen" text NOT NULL,
	"view" text NOT NULL,
	"on_day" date NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"asked_at" timestamp with time zone NOT NULL,
	"count_at" timestamp with time zone,
	"figures" jsonb NOT NULL,
	CONSTRAINT "current_figures_screen_view_pk" PRIMARY KEY("screen","view")
);
--> statement-breakpoint
CREATE TABLE "purchase_offers" (
	"person_id" uuid NOT NULL,
	"place" smallint NOT NULL,
	"things" text NOT NULL,
	"closes" text NOT NULL,
	"saves_w" integer NOT NULL,
	"worst" smallint NOT NULL,
	CONSTRAINT "purchase_offers_person_id_place_pk" PRIMARY KEY("person_id","place")
);
--> statement-breakpoint
ALTER TABLE "purchase_offers" ADD CONSTRAINT "purchase_offers_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "current_figures_asked_idx" ON "current_figures" USING btree ("asked_at");--> statement-breakpoint
-- What would help people with their newest answers, from the plan in use, without what lies unused at home.
INSERT INTO "purchase_offers" ("person_id", "place", "things", "closes", "saves_w", "worst")
SELECT o.person_id, row_number() OVER (PARTITION BY o.person_id ORDER BY p.ordinality) - 1, t.things,
	(SELECT coalesce(string_agg(c.value, ',' ORDER BY c.ordinality), '') FROM jsonb_array_elements_text(p.value -> 'closes') WITH ORDINALITY c), (p.value ->> 'savesW')::integer, coalesce(o.worst, 0)
FROM "observations" o
JOIN LATERAL (
	SELECT a.id, a.answers FROM "assessments" a WHERE a.person_id = o.person_id AND a.spot_of IS NULL AND a.answered_at IS NOT NULL
	ORDER BY a.sent_at DESC LIMIT 1) a ON true
JOIN "plans" pl ON pl.assessment_id = a.id AND pl.ended_at IS NULL
CROSS JOIN LATERAL jsonb_array_elements(pl.advice -> 'purchases') WITH ORDINALITY p
CROSS JOIN LATERAL (
	SELECT string_agg(x.value, '+' ORDER BY x.ordinality) AS things
	FROM jsonb_array_elements_text(p.value -> 'purchases') WITH ORDINALITY x
	WHERE x.value <> ALL (array_remove(ARRAY[
		CASE WHEN a.answers ->> 'device.keyboard' = 'yes' AND a.answers ->> 'device.mouse' = 'yes' THEN 'keyboard-and-mouse' END,
		CASE WHEN 'yes' IN (a.answers ->> 'device.screen', a.answers ->> 'device.television') THEN 'monitor' END], NULL))) t
WHERE o.until_day IS NULL AND o.heights_after = 'off' AND t.things IS NOT NULL AND (p.value ->> 'savesW')::numeric > 0;
