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
CREATE TABLE "purchase_needs" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"worst" smallint NOT NULL,
	"offers" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "api_tokens" DROP CONSTRAINT "api_tokens_scopes_check";--> statement-breakpoint
ALTER TABLE "letters" DROP CONSTRAINT "letters_kind_check";--> statement-breakpoint
ALTER TABLE "purchase_needs" ADD CONSTRAINT "purchase_needs_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "current_figures_asked_idx" ON "current_figures" USING btree ("asked_at");--> statement-breakpoint
ALTER TABLE "api_tokens" ADD CONSTRAINT "api_tokens_scopes_check" CHECK ("api_tokens"."scopes" <@ array['people:read', 'people:change', 'assessments:send', 'rounds:read', 'rounds:run', 'cases:read']::text[]);--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_kind_check" CHECK ("letters"."kind" in ('invitation', 'reminder', 'message', 'equipment', 'plan-reminder', 'check-in', 'check-in-reminder', 'recheck', 'recheck-reminder', 'referral-new', 'referral-answered', 'referral-ended', 'deputy-alert', 'account-invitation', 'password-reset', 'new-device', 'tries', 'codes', 'password', 'passkey', 'passkey-removed', 'factor-set', 'factor-ended', 'log-given', 'log-taken', 'provider', 'api-token'));--> statement-breakpoint
-- What would help people with their newest answers, from the plan in use, without what lies unused at home.
INSERT INTO "purchase_needs" ("person_id", "worst", "offers")
SELECT o.person_id, coalesce(o.worst, 0), f.offers
FROM "observations" o
JOIN LATERAL (
	SELECT a.id, a.answers FROM "assessments" a WHERE a.person_id = o.person_id AND a.spot_of IS NULL AND a.answered_at IS NOT NULL
	ORDER BY a.sent_at DESC LIMIT 1) a ON true
JOIN "plans" pl ON pl.assessment_id = a.id AND pl.ended_at IS NULL
CROSS JOIN LATERAL (
	SELECT string_agg((p.value ->> 'savesW') || ' ' || t.things || ' ' || c.closes, ';' ORDER BY p.ordinality) AS offers
	FROM jsonb_array_elements(pl.advice -> 'purchases') WITH ORDINALITY p
	CROSS JOIN LATERAL (
		SELECT string_agg(x.value, '+' ORDER BY x.ordinality) AS things
		FROM jsonb_array_elements_text(p.value -> 'purchases') WITH ORDINALITY x
		WHERE x.value <> ALL (array_remove(ARRAY[
			CASE WHEN a.answers ->> 'device.keyboard' = 'yes' AND a.answers ->> 'device.mouse' = 'yes' THEN 'keyboard-and-mouse' END,
			CASE WHEN 'yes' IN (a.answers ->> 'device.screen', a.answers ->> 'device.television') THEN 'monitor' END], NULL))) t
	CROSS JOIN LATERAL (
		SELECT coalesce(string_agg(x.value, ',' ORDER BY x.ordinality), '') AS closes
		FROM jsonb_array_elements_text(p.value -> 'closes') WITH ORDINALITY x) c
	WHERE t.things IS NOT NULL AND (p.value ->> 'savesW')::numeric > 0) f
WHERE o.until_day IS NULL AND o.heights_after = 'off' AND f.offers IS NOT NULL;
