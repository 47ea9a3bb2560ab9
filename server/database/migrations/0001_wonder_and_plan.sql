CREATE TABLE "instruments" (
	"id" text PRIMARY KEY NOT NULL,
	"definition" jsonb NOT NULL,
	"place" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "notes" (
	"id" uuid PRIMARY KEY NOT NULL,
	"lesson_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"text" text NOT NULL,
	"sort" text,
	"settled" boolean NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "pictures" (
	"id" uuid PRIMARY KEY NOT NULL,
	"type" text NOT NULL,
	"bytes" "bytea" NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "school" (
	"id" integer PRIMARY KEY NOT NULL,
	"ways" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "lessons" ADD COLUMN "part_of" uuid;--> statement-breakpoint
ALTER TABLE "lessons" ADD COLUMN "group_ids" jsonb;--> statement-breakpoint
ALTER TABLE "lessons" ADD COLUMN "stimulus" jsonb DEFAULT '{"text":"","picture":null}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "predictions" DROP CONSTRAINT "predictions_lesson_id_group_id_pk";--> statement-breakpoint
ALTER TABLE "predictions" ADD COLUMN "seat" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "predictions" ADD CONSTRAINT "predictions_lesson_id_group_id_seat_pk" PRIMARY KEY("lesson_id","group_id","seat");--> statement-breakpoint
ALTER TABLE "notes" ADD CONSTRAINT "notes_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "notes_lesson" ON "notes" USING btree ("lesson_id");--> statement-breakpoint
ALTER TABLE "lessons" ADD CONSTRAINT "lessons_part_of_fk" FOREIGN KEY ("part_of") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "lessons_part_of" ON "lessons" USING btree ("part_of");--> statement-breakpoint
UPDATE "lessons" SET "plan" = '{"aim":"compare","recording":{"kind":"measure"},"ideas":{"change":[],"measure":[]},"properties":[],"expected":null}'::jsonb || "plan" || jsonb_build_object(
	'changed', '{"range":null}'::jsonb || ("plan"->'changed'),
	'prediction', '{"who":"group"}'::jsonb || ("plan"->'prediction'),
	'levels', coalesce((SELECT jsonb_agg('{"picture":null}'::jsonb || one.value ORDER BY one.ordinality) FROM jsonb_array_elements("plan"->'levels') WITH ORDINALITY one), '[]'::jsonb),
	'keptSame', coalesce((SELECT jsonb_agg('{"was":null}'::jsonb || one.value ORDER BY one.ordinality) FROM jsonb_array_elements("plan"->'keptSame') WITH ORDINALITY one), '[]'::jsonb)
);--> statement-breakpoint
UPDATE "investigations" SET "plan" = '{"aim":"compare","recording":{"kind":"measure"},"ideas":{"change":[],"measure":[]},"properties":[],"expected":null}'::jsonb || "plan" || jsonb_build_object(
	'changed', '{"range":null}'::jsonb || ("plan"->'changed'),
	'prediction', '{"who":"group"}'::jsonb || ("plan"->'prediction'),
	'levels', coalesce((SELECT jsonb_agg('{"picture":null}'::jsonb || one.value ORDER BY one.ordinality) FROM jsonb_array_elements("plan"->'levels') WITH ORDINALITY one), '[]'::jsonb),
	'keptSame', coalesce((SELECT jsonb_agg('{"was":null}'::jsonb || one.value ORDER BY one.ordinality) FROM jsonb_array_elements("plan"->'keptSame') WITH ORDINALITY one), '[]'::jsonb)
);
