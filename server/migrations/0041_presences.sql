CREATE TABLE "presences" (
	"thing_id" text NOT NULL,
	"person_id" text NOT NULL,
	"page" text NOT NULL,
	"heard_at" timestamp with time zone NOT NULL,
	CONSTRAINT "presences_thing_id_person_id_pk" PRIMARY KEY("thing_id","person_id")
);
--> statement-breakpoint
ALTER TABLE "presences" ADD CONSTRAINT "presences_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "presences_heard_at" ON "presences" USING btree ("heard_at");