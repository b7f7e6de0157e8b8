CREATE TABLE "known_devices" (
	"token_hash" text NOT NULL,
	"user_id" uuid NOT NULL,
	"used_at" timestamp with time zone NOT NULL,
	CONSTRAINT "known_devices_user_id_token_hash_pk" PRIMARY KEY("user_id","token_hash")
);
--> statement-breakpoint
CREATE TABLE "audit_seals" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"line_id" bigint NOT NULL,
	"hash" text NOT NULL,
	"at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "retention" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"years_after_leaving" integer,
	"years_after_answer" integer,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "seen_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "confirmed_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "is_pending" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "code_secret" text;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "code_since" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "code_step" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "recovery_hashes" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "sees_record" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "warned_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "notes" ADD COLUMN "is_disclosed" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "known_devices" ADD CONSTRAINT "known_devices_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "audit_seals_line_key" ON "audit_seals" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "audit_lines_actor_idx" ON "audit_lines" USING btree ("actor_id","id" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "audit_lines_act_idx" ON "audit_lines" USING btree ("act","id" DESC NULLS LAST);--> statement-breakpoint
create trigger audit_seals_append_only
	before update or delete or truncate on audit_seals
	for each statement execute function refuse_change();
--> statement-breakpoint
insert into retention (id) values (1);
