CREATE TABLE "platform_courses" (
	"id" text PRIMARY KEY NOT NULL,
	"platform_id" text NOT NULL,
	"context" text NOT NULL,
	"title" text NOT NULL,
	"group_id" text,
	"members_url" text
);
--> statement-breakpoint
CREATE TABLE "platform_keys" (
	"id" text PRIMARY KEY NOT NULL,
	"jwk" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "platform_links" (
	"id" text PRIMARY KEY NOT NULL,
	"course_id" text NOT NULL,
	"resource" text NOT NULL,
	"title" text NOT NULL,
	"exercise_id" text,
	"line_item_url" text,
	"line_items_url" text
);
--> statement-breakpoint
CREATE TABLE "platform_nonces" (
	"nonce" text PRIMARY KEY NOT NULL,
	"until" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "platform_people" (
	"platform_id" text NOT NULL,
	"subject" text NOT NULL,
	"person_id" text NOT NULL,
	CONSTRAINT "platform_people_platform_id_subject_pk" PRIMARY KEY("platform_id","subject")
);
--> statement-breakpoint
CREATE TABLE "platform_scores" (
	"link_id" text NOT NULL,
	"person_id" text NOT NULL,
	"points" integer,
	"out_of" integer,
	"told_at" timestamp with time zone,
	"failed" integer DEFAULT 0 NOT NULL,
	"fault" text,
	"not_before" timestamp with time zone,
	CONSTRAINT "platform_scores_link_id_person_id_pk" PRIMARY KEY("link_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "platform_staff" (
	"course_id" text NOT NULL,
	"person_id" text NOT NULL,
	CONSTRAINT "platform_staff_course_id_person_id_pk" PRIMARY KEY("course_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "platforms" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"issuer" text NOT NULL,
	"client_id" text NOT NULL,
	"deployment" text NOT NULL,
	"sign_in_url" text NOT NULL,
	"token_url" text NOT NULL,
	"keys_url" text NOT NULL,
	"added_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "platform_courses" ADD CONSTRAINT "platform_courses_platform_id_platforms_id_fk" FOREIGN KEY ("platform_id") REFERENCES "public"."platforms"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "platform_courses" ADD CONSTRAINT "platform_courses_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "platform_links" ADD CONSTRAINT "platform_links_course_id_platform_courses_id_fk" FOREIGN KEY ("course_id") REFERENCES "public"."platform_courses"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "platform_links" ADD CONSTRAINT "platform_links_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "platform_people" ADD CONSTRAINT "platform_people_platform_id_platforms_id_fk" FOREIGN KEY ("platform_id") REFERENCES "public"."platforms"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "platform_people" ADD CONSTRAINT "platform_people_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "platform_scores" ADD CONSTRAINT "platform_scores_link_id_platform_links_id_fk" FOREIGN KEY ("link_id") REFERENCES "public"."platform_links"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "platform_scores" ADD CONSTRAINT "platform_scores_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "platform_staff" ADD CONSTRAINT "platform_staff_course_id_platform_courses_id_fk" FOREIGN KEY ("course_id") REFERENCES "public"."platform_courses"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "platform_staff" ADD CONSTRAINT "platform_staff_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "platform_courses_context" ON "platform_courses" USING btree ("platform_id","context");--> statement-breakpoint
CREATE UNIQUE INDEX "platform_links_resource" ON "platform_links" USING btree ("course_id","resource");--> statement-breakpoint
CREATE UNIQUE INDEX "platform_people_person" ON "platform_people" USING btree ("platform_id","person_id");--> statement-breakpoint
CREATE UNIQUE INDEX "platforms_client" ON "platforms" USING btree ("issuer","client_id");