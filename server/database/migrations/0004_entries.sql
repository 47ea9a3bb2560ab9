CREATE TABLE "entries" (
	"id" uuid PRIMARY KEY NOT NULL,
	"lesson_id" uuid NOT NULL,
	"group_id" uuid NOT NULL,
	"level_id" text,
	"try_number" integer NOT NULL,
	"moment" text NOT NULL,
	"fields" jsonb NOT NULL,
	"note" text NOT NULL,
	"read_with" jsonb,
	"status" text NOT NULL,
	"reason" text NOT NULL,
	"source" text NOT NULL,
	"taken_at" timestamp with time zone NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL,
	"supersedes" uuid
);
--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "entries_lesson" ON "entries" USING btree ("lesson_id");--> statement-breakpoint
CREATE INDEX "entries_supersedes" ON "entries" USING btree ("supersedes");--> statement-breakpoint
-- One number for each try was kept before; it becomes an entry of one field.
INSERT INTO "entries" ("id", "lesson_id", "group_id", "level_id", "try_number", "moment", "fields", "note", "read_with", "status", "reason", "source", "taken_at", "received_at", "supersedes")
SELECT one."id", one."lesson_id", one."group_id", one."level_id", one."try_number", '',
	CASE WHEN one."value" IS NULL THEN '{}'::jsonb ELSE jsonb_build_object('value', jsonb_build_object('typed', one."typed", 'given', one."given", 'value', one."value")) END,
	'', jsonb_build_object('instrument', own."plan"#>'{measured,instrument,name}', 'unit', own."plan"#>'{measured,unit}', 'mark', own."plan"#>'{measured,instrument,smallestMark}'),
	one."status", one."reason", one."source", one."taken_at", one."received_at", one."supersedes"
FROM "readings" one JOIN "lessons" own ON own."id" = one."lesson_id";--> statement-breakpoint
UPDATE "events" SET "event" = ("event" - 'readings') || jsonb_build_object('kind', 'entries', 'entries', coalesce((
	SELECT jsonb_agg((one.value - 'value' - 'typed' - 'given') || jsonb_build_object('moment', '', 'note', '',
		'readWith', jsonb_build_object('instrument', own."plan"#>'{measured,instrument,name}', 'unit', own."plan"#>'{measured,unit}', 'mark', own."plan"#>'{measured,instrument,smallestMark}'),
		'fields', CASE WHEN one.value->'value' = 'null'::jsonb THEN '{}'::jsonb ELSE jsonb_build_object('value', jsonb_build_object('typed', one.value->'typed', 'given', coalesce(one.value->'given', '"typed"'::jsonb), 'value', one.value->'value')) END)
		ORDER BY one.ordinality)
	FROM jsonb_array_elements("event"->'readings') WITH ORDINALITY one), '[]'::jsonb))
FROM "lessons" own WHERE own."id" = "events"."lesson_id" AND "event"->>'kind' = 'readings';
