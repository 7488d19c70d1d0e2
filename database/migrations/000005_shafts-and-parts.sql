-- Up Migration

-- The model grows: a seat says by its kind what it takes (bearing, race, bush, seal) and stands in a casting or on a shaft; bodies of
-- events carry the version of their shape. Entries stay as they were made: what lifts an older body stands in the core.

CREATE TABLE shaft (
  id uuid PRIMARY KEY,
  job_id uuid NOT NULL CONSTRAINT shaft_job_exists REFERENCES job,
  position integer NOT NULL,
  name text NOT NULL,
  material text NOT NULL,
  -- Null: not measured.
  length_mm double precision,
  ends jsonb NOT NULL,
  CONSTRAINT shaft_position_unique UNIQUE (job_id, position)
);

ALTER TABLE seat
  ALTER COLUMN casting_id DROP NOT NULL,
  ALTER COLUMN x_mm DROP NOT NULL,
  ALTER COLUMN y_mm DROP NOT NULL,
  ADD COLUMN shaft_id uuid CONSTRAINT seat_shaft_exists REFERENCES shaft,
  ADD CONSTRAINT seat_stands_somewhere CHECK (num_nonnulls(casting_id, shaft_id) = 1),
  ADD CONSTRAINT seat_in_casting_has_place CHECK (casting_id IS NULL OR num_nonnulls(x_mm, y_mm) = 2),
  ADD CONSTRAINT seat_position_on_shaft_unique UNIQUE (shaft_id, position);

ALTER TABLE job_event ADD COLUMN body_version integer NOT NULL DEFAULT 1;
-- Kept kinds are lifted when they are used; those of before are as files of version 2 carried a job.
ALTER TABLE own_kind ADD COLUMN head_version integer NOT NULL DEFAULT 2;

-- Journals: what stood on a seat as a name (`crank, left journal`) and a size. Ids are made as the core makes them from a file of
-- version 2, so that a job that came both ways is one job.
CREATE TEMPORARY TABLE named_journal ON COMMIT DROP AS
  SELECT job_id, seat.id AS seat_id, casting.position AS casting_position, seat.position AS seat_position, seat.name AS seat_name,
    split_part(spec #>> '{journal,name}', ', ', 1) AS shaft_name,
    coalesce(nullif(regexp_replace(spec #>> '{journal,name}', '^.*?(, |$)', ''), ''), seat.name) AS journal_name,
    (spec #> '{journal,nominalMm}') AS nominal_mm,
    overlay(seat.id::text PLACING '8' FROM 15 FOR 1) AS journal_id,
    spec #>> '{part,type}' = 'seal' AS is_seal,
    CASE WHEN spec ->> 'load' = 'standing' THEN 'rotating' ELSE 'standing' END AS load,
    spec #> '{running,ringC}' AS ring_c
  FROM seat JOIN casting ON casting.id = casting_id
  WHERE spec ? 'journal';

CREATE TEMPORARY TABLE named_shaft ON COMMIT DROP AS
  SELECT DISTINCT ON (job_id, shaft_name) job_id, shaft_name, casting_position, seat_position,
    overlay(journal_id PLACING translate(substr(journal_id, 20, 1), '89ab', '98ba') FROM 20 FOR 1)::uuid AS shaft_id
  FROM named_journal ORDER BY job_id, shaft_name, casting_position, seat_position;

INSERT INTO shaft (id, job_id, position, name, material, ends)
  SELECT shaft_id, job_id, row_number() OVER (PARTITION BY job_id ORDER BY casting_position, seat_position) - 1, shaft_name, 'mild_steel',
    '[{"name":"one end","thread":null,"isLeftHand":false},{"name":"other end","thread":null,"isLeftHand":false}]'
  FROM named_shaft;

INSERT INTO seat (id, shaft_id, position, name, spec)
  SELECT journal_id::uuid, shaft_id,
    row_number() OVER (PARTITION BY shaft_id ORDER BY journal.casting_position, journal.seat_position) - 1, journal_name,
    jsonb_build_object(
      'kind', CASE WHEN is_seal THEN 'seal_on_shaft' ELSE 'bearing_on_shaft' END,
      'journal', jsonb_build_object('nominalMm', nominal_mm, 'lengthMm', null, 'fromFirstEndMm', null, 'shoulderToward', null),
      'sharedWith', seat_id
    ) || CASE WHEN is_seal THEN '{}' ELSE jsonb_build_object(
      'part', null, 'load', load, 'running', jsonb_build_object('shaftC', ring_c, 'ringC', ring_c), 'usualClass', null
    ) END
  FROM named_journal AS journal JOIN named_shaft USING (job_id, shaft_name);

-- Seats by what they take.
UPDATE seat SET spec = CASE spec #>> '{part,type}'
  WHEN 'seal' THEN jsonb_build_object(
    'kind', 'seal_in_bore',
    'part', (spec -> 'part') - ARRAY['closure', 'cage', 'material'] || jsonb_build_object('material', CASE
      WHEN spec #>> '{part,designation}' ~* 'FKM' THEN 'fkm'
      WHEN spec #>> '{part,designation}' ~* 'ACM' THEN 'acm'
      ELSE 'nbr' END),
    'housing', spec -> 'housing',
    'retainingRing', spec -> 'retainingRing')
  WHEN 'bush' THEN spec - 'journal' || jsonb_build_object(
    'kind', 'bush_in_bore',
    'part', '{"material":"bearing_steel"}' || (spec -> 'part') - ARRAY['closure', 'cage'])
  WHEN 'tapered_roller' THEN spec - 'journal' || jsonb_build_object(
    'kind', 'race_in_bore',
    'part', (spec -> 'part') - ARRAY['closure', 'cage'])
  ELSE spec - 'journal' || jsonb_build_object('part', '{"type":"deep_groove"}' || (spec -> 'part'))
  END
WHERE casting_id IS NOT NULL;

-- What is used up lies in stock; shims hung on the tool wall.
CREATE TABLE stock_item (
  id uuid PRIMARY KEY,
  -- As `src/core/tools/stock` describes it.
  body jsonb NOT NULL,
  -- Taken out of stock, not deleted, so that it can be put back.
  is_off boolean NOT NULL DEFAULT false,
  is_demo boolean NOT NULL DEFAULT false
);
INSERT INTO stock_item (id, body, is_off, is_demo)
  SELECT id, body - ARRAY['sort', 'thicknessMm'] || jsonb_build_object('sort', 'shim', 'widthMm', body -> 'thicknessMm'), is_off_wall, is_demo
  FROM tool WHERE body ->> 'sort' = 'shim_stock';
DELETE FROM tool WHERE body ->> 'sort' = 'shim_stock';

-- Down Migration

INSERT INTO tool (id, body, is_off_wall, is_demo)
  SELECT id, body - ARRAY['sort', 'widthMm'] || jsonb_build_object('sort', 'shim_stock', 'thicknessMm', body -> 'widthMm'), is_off, is_demo
  FROM stock_item WHERE body ->> 'sort' = 'shim';
DROP TABLE stock_item;

-- Sizes of shafts go back to the seats that share their part; shafts that none shares are lost.
UPDATE seat SET spec = jsonb_build_object('kind', 'bearing_in_bore', 'seal', null, 'load', 'standing', 'usualClass', 'N7',
    'running', '{"housingC":80,"ringC":88}'::jsonb) || spec || jsonb_build_object(
    'kind', 'bearing_in_bore',
    'part', '{"closure":"open","cage":"steel"}' || CASE WHEN spec ->> 'kind' = 'seal_in_bore' THEN (spec -> 'part') - 'material' ELSE spec -> 'part' END)
  WHERE casting_id IS NOT NULL;
UPDATE seat SET spec = seat.spec || jsonb_build_object('journal', jsonb_build_object(
    'name', CASE WHEN journal.name = seat.name THEN shaft.name ELSE shaft.name || ', ' || journal.name END,
    'nominalMm', journal.spec #> '{journal,nominalMm}'))
  FROM seat AS journal JOIN shaft ON shaft.id = journal.shaft_id
  WHERE journal.spec ->> 'sharedWith' = seat.id::text;
DELETE FROM seat_result WHERE seat_id IN (SELECT id FROM seat WHERE shaft_id IS NOT NULL);
DELETE FROM seat WHERE shaft_id IS NOT NULL;
ALTER TABLE own_kind DROP COLUMN head_version;
ALTER TABLE job_event DROP COLUMN body_version;
ALTER TABLE seat
  DROP CONSTRAINT seat_stands_somewhere,
  DROP CONSTRAINT seat_in_casting_has_place,
  DROP CONSTRAINT seat_position_on_shaft_unique,
  DROP COLUMN shaft_id,
  ALTER COLUMN casting_id SET NOT NULL,
  ALTER COLUMN x_mm SET NOT NULL,
  ALTER COLUMN y_mm SET NOT NULL;
DROP TABLE shaft;
