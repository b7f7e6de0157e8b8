CREATE TABLE "organisation_settings" (
	"area" text NOT NULL,
	"version" integer NOT NULL,
	"settings" jsonb NOT NULL,
	"note" text NOT NULL,
	"published_at" timestamp with time zone NOT NULL,
	"published_by" uuid,
	CONSTRAINT "organisation_settings_area_version_pk" PRIMARY KEY("area","version"),
	CONSTRAINT "organisation_settings_area_check" CHECK ("organisation_settings"."area" in ('choices', 'days-off', 'household-items', 'equipment', 'eye-tests', 'teams')),
	CONSTRAINT "organisation_settings_version_check" CHECK ("organisation_settings"."version" > 0)
);
--> statement-breakpoint
ALTER TABLE "equipment_requests" DROP CONSTRAINT "equipment_requests_purchase_check";--> statement-breakpoint
ALTER TABLE "equipment_store" DROP CONSTRAINT "equipment_store_thing_check";--> statement-breakpoint
ALTER TABLE "purchase_prices" DROP CONSTRAINT "purchase_prices_purchase_check";--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "phone_by" uuid;--> statement-breakpoint
ALTER TABLE "assessments" ADD COLUMN "phone_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "deliver_to" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "organisation_settings" ADD CONSTRAINT "organisation_settings_published_by_users_id_fk" FOREIGN KEY ("published_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "assessments" ADD CONSTRAINT "assessments_phone_by_users_id_fk" FOREIGN KEY ("phone_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD CONSTRAINT "equipment_requests_purchase_check" CHECK ("equipment_requests"."purchase" ~ '^(?:keyboard-and-mouse|footrest|foot-bar|seat-cushion|monitor|another-surface|chair|headset|desk-lamp|paper-holder|vertical-mouse|power-strip|sit-stand-converter|item-[1-9][0-9]{0,3}|eye-test)$');--> statement-breakpoint
ALTER TABLE "equipment_store" ADD CONSTRAINT "equipment_store_thing_check" CHECK ("equipment_store"."thing" ~ '^(?:keyboard-and-mouse|footrest|foot-bar|seat-cushion|monitor|another-surface|chair|headset|desk-lamp|paper-holder|vertical-mouse|power-strip|sit-stand-converter|item-[1-9][0-9]{0,3}|eye-test)$');--> statement-breakpoint
ALTER TABLE "purchase_prices" ADD CONSTRAINT "purchase_prices_purchase_check" CHECK ("purchase_prices"."purchase" ~ '^(?:keyboard-and-mouse|footrest|foot-bar|seat-cushion|monitor|another-surface|chair|headset|desk-lamp|paper-holder|vertical-mouse|power-strip|sit-stand-converter|item-[1-9][0-9]{0,3}|eye-test)$');--> statement-breakpoint
-- Prices that were entered become the first version of the catalogue.
INSERT INTO "organisation_settings" ("area", "version", "settings", "note", "published_at")
SELECT 'equipment', 1, jsonb_build_object(
	'currency', (SELECT "currency" FROM "purchase_prices" ORDER BY "purchase" LIMIT 1),
	'items', (
		SELECT jsonb_agg(jsonb_build_object(
			'code', c."code", 'isOffered', true, 'names', '{}'::jsonb, 'helps', '[]'::jsonb, 'cents', p."cents",
			'supplier', '', 'article', '', 'deliveryDays', NULL
		) ORDER BY c."n")
		FROM unnest(ARRAY['keyboard-and-mouse', 'footrest', 'foot-bar', 'seat-cushion', 'monitor', 'another-surface', 'chair', 'headset', 'desk-lamp', 'paper-holder', 'vertical-mouse', 'power-strip', 'sit-stand-converter']) WITH ORDINALITY AS c("code", "n")
		LEFT JOIN "purchase_prices" p ON p."purchase" = c."code"
	)
), '', now()
WHERE EXISTS (SELECT 1 FROM "purchase_prices");
