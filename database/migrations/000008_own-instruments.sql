-- Up Migration

-- A shop measures with what is its own: any sort, with what it spans, its unit, and how its figures come to the bench.
ALTER TABLE instrument
  DROP CONSTRAINT instrument_kind_known,
  ADD CONSTRAINT instrument_kind_known CHECK (kind IN ('steel_rule', 'caliper', 'micrometer', 'bore_gauge', 'telescoping_gauge',
    'depth_gauge', 'dial', 'contact_probe', 'infrared', 'by_hand')),
  ADD COLUMN range jsonb CONSTRAINT instrument_range_rises CHECK ((range ->> 'low')::double precision < (range ->> 'high')::double precision),
  ADD COLUMN unit text CONSTRAINT instrument_unit_known CHECK (unit IN ('mm', 'in', 'C', 'F')),
  ADD COLUMN speaks jsonb,
  ADD COLUMN is_off boolean NOT NULL DEFAULT false;

-- What a person reads each family of slots with, the last taken first.
ALTER TABLE person ADD COLUMN instruments jsonb NOT NULL DEFAULT '{}';

-- Where the gauge is as warm as the bench, and not at 20 °C.
ALTER TABLE reading ADD COLUMN gauge_c double precision;

-- Every bench has these. Their uncertainties are those that the product proposes for them (scale, limit of error, hand).
INSERT INTO instrument (id, name, kind, resolution, u, is_simulated, range, unit) VALUES
  (gen_random_uuid(), 'Steel rule', 'steel_rule', 0.5, 0.26, false, '{"low": 0, "high": 300}', 'mm'),
  (gen_random_uuid(), 'Caliper', 'caliper', 0.01, 0.024, false, '{"low": 0, "high": 150}', 'mm');

-- Down Migration

ALTER TABLE reading DROP COLUMN gauge_c;
DELETE FROM instrument WHERE kind IN ('steel_rule', 'caliper') AND NOT EXISTS (SELECT FROM reading WHERE instrument_id = instrument.id);
UPDATE instrument SET kind = 'by_hand' WHERE kind IN ('steel_rule', 'caliper', 'telescoping_gauge', 'dial', 'infrared');
ALTER TABLE person DROP COLUMN instruments;
ALTER TABLE instrument
  DROP COLUMN range, DROP COLUMN unit, DROP COLUMN speaks, DROP COLUMN is_off,
  DROP CONSTRAINT instrument_kind_known,
  ADD CONSTRAINT instrument_kind_known CHECK (kind IN ('bore_gauge', 'micrometer', 'depth_gauge', 'contact_probe', 'by_hand'));
