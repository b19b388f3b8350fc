CREATE TABLE "more_times" (
	"exercise_id" text NOT NULL,
	"person_id" text NOT NULL,
	"until" timestamp with time zone NOT NULL,
	CONSTRAINT "more_times_exercise_id_person_id_pk" PRIMARY KEY("exercise_id","person_id")
);
--> statement-breakpoint
ALTER TABLE "hand_outs" ADD COLUMN "opens_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "hand_outs" ADD COLUMN "closes_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "hand_outs" ADD COLUMN "late" text DEFAULT 'told' NOT NULL;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "closed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "by_itself" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "more_times" ADD CONSTRAINT "more_times_exercise_id_exercises_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."exercises"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "more_times" ADD CONSTRAINT "more_times_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "hand_outs_closes" ON "hand_outs" USING btree ("closes_at");