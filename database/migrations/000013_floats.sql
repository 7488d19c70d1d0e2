-- Up Migration

-- What lies between parts is read with feelers and with a spring balance at a lever; forces in N or lbf.
ALTER TABLE instrument
  DROP CONSTRAINT instrument_kind_known,
  ADD CONSTRAINT instrument_kind_known CHECK (kind IN ('steel_rule', 'caliper', 'micrometer', 'bore_gauge', 'telescoping_gauge',
    'depth_gauge', 'dial', 'feelers', 'spring_balance', 'contact_probe', 'infrared', 'by_hand')),
  DROP CONSTRAINT instrument_unit_known,
  ADD CONSTRAINT instrument_unit_known CHECK (unit IN ('mm', 'in', 'C', 'F', 'N', 'lbf'));

-- Every bench has these. Their uncertainties are those that the product proposes for them (scale, limit of error, hand).
INSERT INTO instrument (id, name, kind, resolution, u, is_simulated, range, unit) VALUES
  (gen_random_uuid(), 'Feelers', 'feelers', 0.05, 0.019, false, '{"low": 0.03, "high": 1}', 'mm'),
  (gen_random_uuid(), 'Spring balance', 'spring_balance', 0.2, 0.59, false, '{"low": 0, "high": 50}', 'N');

-- Down Migration

DELETE FROM instrument WHERE kind IN ('feelers', 'spring_balance') AND NOT EXISTS (SELECT FROM reading WHERE instrument_id = instrument.id);
UPDATE instrument SET kind = 'by_hand', unit = NULL WHERE kind IN ('feelers', 'spring_balance');
UPDATE instrument SET unit = NULL WHERE unit IN ('N', 'lbf');
ALTER TABLE instrument
  DROP CONSTRAINT instrument_unit_known,
  ADD CONSTRAINT instrument_unit_known CHECK (unit IN ('mm', 'in', 'C', 'F')),
  DROP CONSTRAINT instrument_kind_known,
  ADD CONSTRAINT instrument_kind_known CHECK (kind IN ('steel_rule', 'caliper', 'micrometer', 'bore_gauge', 'telescoping_gauge',
    'depth_gauge', 'dial', 'contact_probe', 'infrared', 'by_hand'));
