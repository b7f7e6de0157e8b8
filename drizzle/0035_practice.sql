CREATE TABLE "practice_rounds" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"user_id" uuid NOT NULL,
	"seed" integer NOT NULL,
	"on_day" date NOT NULL,
	"rules_version" text NOT NULL,
	"started_at" timestamp with time zone NOT NULL,
	"answered_at" timestamp with time zone,
	"answer" jsonb,
	"message" text DEFAULT '' NOT NULL,
	"order_share" real,
	"right_acts" smallint,
	"missed" smallint
);
--> statement-breakpoint
ALTER TABLE "practice_rounds" ADD CONSTRAINT "practice_rounds_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "practice_rounds_user_idx" ON "practice_rounds" USING btree ("user_id","started_at" DESC NULLS LAST);