CREATE TABLE "role_turns" (
	"lesson_id" uuid NOT NULL,
	"member" text NOT NULL,
	"role" text NOT NULL,
	"turns" integer NOT NULL,
	CONSTRAINT "role_turns_lesson_id_member_role_pk" PRIMARY KEY("lesson_id","member","role")
);
--> statement-breakpoint
ALTER TABLE "lessons" ADD COLUMN "absent" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "role_turns" ADD CONSTRAINT "role_turns_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;