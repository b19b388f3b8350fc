CREATE TABLE "audit" (
	"id" serial PRIMARY KEY NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"by_id" text,
	"what" text NOT NULL,
	"about_id" text
);
--> statement-breakpoint
CREATE TABLE "book_snapshots" (
	"book_id" text NOT NULL,
	"revision" integer NOT NULL,
	"state" text NOT NULL,
	CONSTRAINT "book_snapshots_book_id_revision_pk" PRIMARY KEY("book_id","revision")
);
--> statement-breakpoint
CREATE TABLE "hand_outs" (
	"exercise_id" text NOT NULL,
	"group_id" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "hand_outs_exercise_id_group_id_pk" PRIMARY KEY("exercise_id","group_id")
);
--> statement-breakpoint
CREATE TABLE "house" (
	"name" text PRIMARY KEY NOT NULL,
	"value" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "check_jobs" (
	"id" text PRIMARY KEY NOT NULL,
	"exercise_id" text NOT NULL,
	"asked_at" timestamp with time zone DEFAULT now() NOT NULL,
	"cancelled_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "check_tasks" (
	"id" text PRIMARY KEY NOT NULL,
	"try_id" text NOT NULL,
	"job_id" text,
	"state" text DEFAULT 'waiting' NOT NULL,
	"taken_by" text,
	"taken_at" timestamp with time zone,
	"tries" integer DEFAULT 0 NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "ask_limit" integer DEFAULT 5;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "ask_pause" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "is_head" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "added_with" text;--> statement-breakpoint
ALTER TABLE "checks" ADD COLUMN "results" text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE "checks" ADD COLUMN "overview" text;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "check_fault" text;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "asked" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "asked_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "book_snapshots" ADD CONSTRAINT "book_snapshots_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "hand_outs" ADD CONSTRAINT "hand_outs_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "hand_outs" ADD CONSTRAINT "hand_outs_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_jobs" ADD CONSTRAINT "check_jobs_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_tasks" ADD CONSTRAINT "check_tasks_try_id_tries_id_fk" FOREIGN KEY ("try_id") REFERENCES "public"."tries"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_tasks" ADD CONSTRAINT "check_tasks_job_id_check_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "public"."check_jobs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "audit_at" ON "audit" USING btree ("at");--> statement-breakpoint
CREATE INDEX "hand_outs_group" ON "hand_outs" USING btree ("group_id");--> statement-breakpoint
CREATE INDEX "check_jobs_exercise" ON "check_jobs" USING btree ("exercise_id");--> statement-breakpoint
CREATE UNIQUE INDEX "check_tasks_waiting" ON "check_tasks" USING btree ("try_id") WHERE "check_tasks"."state" = 'waiting';--> statement-breakpoint
CREATE INDEX "check_tasks_state" ON "check_tasks" USING btree ("state");--> statement-breakpoint
CREATE INDEX "check_tasks_job" ON "check_tasks" USING btree ("job_id");--> statement-breakpoint
CREATE INDEX "companies_book" ON "companies" USING btree ("book_id");--> statement-breakpoint
CREATE INDEX "exercises_start" ON "exercises" USING btree ("start_book_id");--> statement-breakpoint
CREATE INDEX "exercises_key" ON "exercises" USING btree ("key_book_id");--> statement-breakpoint
CREATE INDEX "keys_hash" ON "keys" USING btree ("exercise_id","hash");--> statement-breakpoint
CREATE UNIQUE INDEX "people_head" ON "people" USING btree ("is_head") WHERE "people"."is_head";--> statement-breakpoint
CREATE INDEX "people_added_with" ON "people" USING btree ("added_with");--> statement-breakpoint
INSERT INTO "hand_outs" ("exercise_id", "group_id", "at") SELECT "id", "group_id", "created_at" FROM "exercises" WHERE "group_id" IS NOT NULL AND "state" = 'handed-out';--> statement-breakpoint
UPDATE "people" SET "is_head" = true WHERE "id" = (SELECT "id" FROM "people" WHERE "role" = 'instructor' ORDER BY "created_at", "id" LIMIT 1);--> statement-breakpoint
INSERT INTO "book_snapshots" ("book_id", "revision", "state") SELECT "id", "revision", "state" FROM "books";--> statement-breakpoint
UPDATE "checks" SET "results" = coalesce((SELECT json_agg(jsonb_build_object('check', r."check", 'subject', jsonb_build_object('kind', r."subject_kind", 'id', r."subject_id"), 'outcome', r."outcome", 'points', r."points", 'of', r."out_of") || replace(r."content", '\u0000', '')::jsonb ORDER BY r."position") FROM "check_results" r WHERE r."run_id" = "checks"."id")::text, '[]');
