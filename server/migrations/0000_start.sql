CREATE TABLE "book_operations" (
	"book_id" text NOT NULL,
	"revision" integer NOT NULL,
	"token" text NOT NULL,
	"by_id" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"operation" text NOT NULL,
	"inverse" text NOT NULL,
	CONSTRAINT "book_operations_book_id_revision_pk" PRIMARY KEY("book_id","revision")
);
--> statement-breakpoint
CREATE TABLE "books" (
	"id" text PRIMARY KEY NOT NULL,
	"use" text NOT NULL,
	"state" text NOT NULL,
	"revision" integer DEFAULT 0 NOT NULL,
	"accounts" integer DEFAULT 0 NOT NULL,
	"entries" integer DEFAULT 0 NOT NULL,
	"changed_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "companies" (
	"id" text PRIMARY KEY NOT NULL,
	"owner_id" text NOT NULL,
	"book_id" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "exercises" (
	"id" text PRIMARY KEY NOT NULL,
	"owner_id" text NOT NULL,
	"title" text NOT NULL,
	"company" text NOT NULL,
	"brief" text DEFAULT '' NOT NULL,
	"state" text DEFAULT 'draft' NOT NULL,
	"group_id" text,
	"start_book_id" text NOT NULL,
	"key_book_id" text NOT NULL,
	"key_rules" text DEFAULT '{}' NOT NULL,
	"entries_may_change" boolean DEFAULT true NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "keys" (
	"id" text PRIMARY KEY NOT NULL,
	"exercise_id" text NOT NULL,
	"version" integer NOT NULL,
	"content" text NOT NULL,
	"start" text NOT NULL,
	"hash" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "groups" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"owner_id" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "members" (
	"group_id" text NOT NULL,
	"person_id" text NOT NULL,
	CONSTRAINT "members_group_id_person_id_pk" PRIMARY KEY("group_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "people" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"login" text NOT NULL,
	"password_hash" text NOT NULL,
	"role" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sessions" (
	"id" text PRIMARY KEY NOT NULL,
	"person_id" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "check_results" (
	"run_id" text NOT NULL,
	"position" integer NOT NULL,
	"check" text NOT NULL,
	"subject_kind" text NOT NULL,
	"subject_id" text NOT NULL,
	"outcome" text NOT NULL,
	"points" integer NOT NULL,
	"out_of" integer NOT NULL,
	"content" text NOT NULL,
	CONSTRAINT "check_results_run_id_position_pk" PRIMARY KEY("run_id","position")
);
--> statement-breakpoint
CREATE TABLE "checks" (
	"id" text PRIMARY KEY NOT NULL,
	"try_id" text NOT NULL,
	"key_id" text NOT NULL,
	"book_revision" integer NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"points" integer NOT NULL,
	"out_of" integer NOT NULL,
	"pairs" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "notes" (
	"id" text PRIMARY KEY NOT NULL,
	"try_id" text NOT NULL,
	"by_id" text NOT NULL,
	"ref" text,
	"text" text NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "tries" (
	"id" text PRIMARY KEY NOT NULL,
	"exercise_id" text NOT NULL,
	"person_id" text NOT NULL,
	"book_id" text NOT NULL,
	"state" text DEFAULT 'working' NOT NULL,
	"started_at" timestamp with time zone DEFAULT now() NOT NULL,
	"handed_in_at" timestamp with time zone,
	"given_back_at" timestamp with time zone,
	"points" integer,
	"out_of" integer,
	"check_id" text
);
--> statement-breakpoint
ALTER TABLE "book_operations" ADD CONSTRAINT "book_operations_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "companies" ADD CONSTRAINT "companies_owner_id_people_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."people"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "companies" ADD CONSTRAINT "companies_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "exercises" ADD CONSTRAINT "exercises_owner_id_people_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."people"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "exercises" ADD CONSTRAINT "exercises_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "exercises" ADD CONSTRAINT "exercises_start_book_id_books_id_fk" FOREIGN KEY ("start_book_id") REFERENCES "public"."books"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "exercises" ADD CONSTRAINT "exercises_key_book_id_books_id_fk" FOREIGN KEY ("key_book_id") REFERENCES "public"."books"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "keys" ADD CONSTRAINT "keys_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "groups" ADD CONSTRAINT "groups_owner_id_people_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."people"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "members" ADD CONSTRAINT "members_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "members" ADD CONSTRAINT "members_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_results" ADD CONSTRAINT "check_results_run_id_checks_id_fk" FOREIGN KEY ("run_id") REFERENCES "public"."checks"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "checks" ADD CONSTRAINT "checks_try_id_tries_id_fk" FOREIGN KEY ("try_id") REFERENCES "public"."tries"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "checks" ADD CONSTRAINT "checks_key_id_keys_id_fk" FOREIGN KEY ("key_id") REFERENCES "public"."keys"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_try_id_tries_id_fk" FOREIGN KEY ("try_id") REFERENCES "public"."tries"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_by_id_people_id_fk" FOREIGN KEY ("by_id") REFERENCES "public"."people"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tries" ADD CONSTRAINT "tries_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tries" ADD CONSTRAINT "tries_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tries" ADD CONSTRAINT "tries_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "book_operations_token" ON "book_operations" USING btree ("book_id","token");--> statement-breakpoint
CREATE INDEX "companies_owner" ON "companies" USING btree ("owner_id");--> statement-breakpoint
CREATE INDEX "exercises_owner" ON "exercises" USING btree ("owner_id");--> statement-breakpoint
CREATE UNIQUE INDEX "keys_version" ON "keys" USING btree ("exercise_id","version");--> statement-breakpoint
CREATE INDEX "members_person" ON "members" USING btree ("person_id");--> statement-breakpoint
CREATE UNIQUE INDEX "people_login" ON "people" USING btree (lower("login"));--> statement-breakpoint
CREATE INDEX "sessions_person" ON "sessions" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "checks_try" ON "checks" USING btree ("try_id");--> statement-breakpoint
CREATE INDEX "notes_try" ON "notes" USING btree ("try_id");--> statement-breakpoint
CREATE UNIQUE INDEX "tries_person" ON "tries" USING btree ("exercise_id","person_id");--> statement-breakpoint
CREATE INDEX "tries_book" ON "tries" USING btree ("book_id");