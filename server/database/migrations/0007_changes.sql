-- A change was one number for each try, worked out by hand. Where there are such numbers they stay as they are, measured; a plan without
-- any takes what is read before and after, or apart and together, from now on.
UPDATE "lessons" SET "plan" = jsonb_set("plan", '{recording}', jsonb_build_object('kind', 'measure', 'was', "plan"#>'{recording,kind}'))
WHERE "plan"#>>'{recording,kind}' IN ('before-after', 'parts-whole') AND NOT ("plan"->'recording' ? 'change')
	AND EXISTS (SELECT 1 FROM "entries" one WHERE one."lesson_id" = "lessons"."id");--> statement-breakpoint
UPDATE "lessons" SET "plan" = jsonb_set("plan", '{recording}', '{"kind":"before-after","moments":["before","after"],"stand":"in-turn","change":"gained","compare":"amount","container":"none"}'::jsonb)
WHERE "plan"#>>'{recording,kind}' = 'before-after' AND NOT ("plan"->'recording' ? 'change');--> statement-breakpoint
UPDATE "investigations" SET "plan" = jsonb_set("plan", '{recording}', '{"kind":"before-after","moments":["before","after"],"stand":"in-turn","change":"gained","compare":"amount","container":"none"}'::jsonb)
WHERE "plan"#>>'{recording,kind}' = 'before-after' AND NOT ("plan"->'recording' ? 'change');--> statement-breakpoint
UPDATE "lessons" SET "plan" = jsonb_set("plan", '{recording}', '{"kind":"parts-whole","parts":["first part","second part"],"change":"gained","compare":"amount","container":"none"}'::jsonb)
WHERE "plan"#>>'{recording,kind}' = 'parts-whole' AND NOT ("plan"->'recording' ? 'change');--> statement-breakpoint
UPDATE "investigations" SET "plan" = jsonb_set("plan", '{recording}', '{"kind":"parts-whole","parts":["first part","second part"],"change":"gained","compare":"amount","container":"none"}'::jsonb)
WHERE "plan"#>>'{recording,kind}' = 'parts-whole' AND NOT ("plan"->'recording' ? 'change');
