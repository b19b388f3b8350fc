CREATE TABLE "exercise_changes" (
	"exercise_id" text NOT NULL,
	"revision" integer NOT NULL,
	"by_id" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"undoes" integer,
	"changes" text NOT NULL,
	CONSTRAINT "exercise_changes_exercise_id_revision_pk" PRIMARY KEY("exercise_id","revision")
);
--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "revision" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "exercise_changes" ADD CONSTRAINT "exercise_changes_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;