CREATE TABLE "answers" (
	"book_id" text NOT NULL,
	"question_id" text NOT NULL,
	"answer" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "answers_book_id_question_id_pk" PRIMARY KEY("book_id","question_id")
);
--> statement-breakpoint
CREATE TABLE "drill_answers" (
	"id" text PRIMARY KEY NOT NULL,
	"person_id" text NOT NULL,
	"name_id" text NOT NULL,
	"kind" text NOT NULL,
	"answer" text NOT NULL,
	"is_right" boolean NOT NULL,
	"missed" text,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "drills_asked" (
	"id" text PRIMARY KEY NOT NULL,
	"by_id" text NOT NULL,
	"person_id" text NOT NULL,
	"distinction" text,
	"exercise_id" text,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"done_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "guide_places" (
	"book_id" text PRIMARY KEY NOT NULL,
	"place" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "practices" (
	"id" text PRIMARY KEY NOT NULL,
	"exercise_id" text NOT NULL,
	"person_id" text NOT NULL,
	"book_id" text NOT NULL,
	"seed" integer NOT NULL,
	"begun_at" timestamp with time zone DEFAULT now() NOT NULL,
	"checked" integer DEFAULT 0 NOT NULL,
	"share" integer
);
--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "guide" text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "may_practise" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "may_go_on" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "go_on_cost" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "continues" text;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "own_work" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "rehearsals" ADD COLUMN "seed" integer;--> statement-breakpoint
ALTER TABLE "answers" ADD CONSTRAINT "answers_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "drill_answers" ADD CONSTRAINT "drill_answers_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "drills_asked" ADD CONSTRAINT "drills_asked_by_id_people_id_fk" FOREIGN KEY ("by_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "drills_asked" ADD CONSTRAINT "drills_asked_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "drills_asked" ADD CONSTRAINT "drills_asked_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "guide_places" ADD CONSTRAINT "guide_places_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practices" ADD CONSTRAINT "practices_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practices" ADD CONSTRAINT "practices_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practices" ADD CONSTRAINT "practices_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "drill_answers_person" ON "drill_answers" USING btree ("person_id","at");--> statement-breakpoint
CREATE INDEX "drills_asked_person" ON "drills_asked" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "practices_person" ON "practices" USING btree ("person_id","exercise_id");--> statement-breakpoint
CREATE INDEX "practices_book" ON "practices" USING btree ("book_id");