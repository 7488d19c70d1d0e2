-- Up Migration

-- A closed case is pumped up and read again: pressures above the shop's, bar or psi.
ALTER TABLE instrument
  DROP CONSTRAINT instrument_kind_known,
  ADD CONSTRAINT instrument_kind_known CHECK (kind IN ('steel_rule', 'caliper', 'micrometer', 'bore_gauge', 'telescoping_gauge',
    'depth_gauge', 'dial', 'feelers', 'spring_balance', 'pressure_gauge', 'contact_probe', 'infrared', 'by_hand')),
  DROP CONSTRAINT instrument_unit_known,
  ADD CONSTRAINT instrument_unit_known CHECK (unit IN ('mm', 'in', 'C', 'F', 'N', 'lbf', 'bar', 'psi'));

-- Its uncertainty is the one that the product proposes for it (scale, limit of error, hand).
INSERT INTO instrument (id, name, kind, resolution, u, is_simulated, range, unit) VALUES
  (gen_random_uuid(), 'Pressure gauge', 'pressure_gauge', 0.01, 0.0068, false, '{"low": -1, "high": 1}', 'bar');

-- Down Migration

DELETE FROM instrument WHERE kind = 'pressure_gauge' AND NOT EXISTS (SELECT FROM reading WHERE instrument_id = instrument.id);
UPDATE instrument SET kind = 'by_hand', unit = NULL WHERE kind = 'pressure_gauge';
UPDATE instrument SET unit = NULL WHERE unit IN ('bar', 'psi');
ALTER TABLE instrument
  DROP CONSTRAINT instrument_unit_known,
  ADD CONSTRAINT instrument_unit_known CHECK (unit IN ('mm', 'in', 'C', 'F', 'N', 'lbf')),
  DROP CONSTRAINT instrument_kind_known,
  ADD CONSTRAINT instrument_kind_known CHECK (kind IN ('steel_rule', 'caliper', 'micrometer', 'bore_gauge', 'telescoping_gauge',
    'depth_gauge', 'dial', 'feelers', 'spring_balance', 'contact_probe', 'infrared', 'by_hand'));
