-- Up Migration

-- From where on a nip counts as real is common practice, and a shop's own affair.
ALTER TABLE shop
  ADD COLUMN nip_share double precision NOT NULL DEFAULT 0.0003
    CONSTRAINT shop_nip_share_sound CHECK (nip_share BETWEEN 0 AND 0.002),
  ADD COLUMN push_force_n double precision NOT NULL DEFAULT 1500
    CONSTRAINT shop_push_force_sound CHECK (push_force_n BETWEEN 100 AND 20000);

-- Rounds over the known weak points of a model, looked over after each outing.
CREATE TABLE look_round (
  id uuid PRIMARY KEY,
  -- As `src/core/look/round` describes it.
  body jsonb NOT NULL,
  is_off boolean NOT NULL DEFAULT false,
  is_demo boolean NOT NULL DEFAULT false
);
-- Each round as it was gone: made once, never changed.
CREATE TABLE look_round_gone (
  id uuid PRIMARY KEY,
  round_id uuid NOT NULL CONSTRAINT gone_round_exists REFERENCES look_round,
  person_id uuid NOT NULL CONSTRAINT gone_person_exists REFERENCES person,
  findings jsonb NOT NULL,
  at timestamptz NOT NULL CONSTRAINT gone_at_sound CHECK (is_sound_moment(at))
);
CREATE INDEX look_round_gone_by_round ON look_round_gone (round_id, at);
CREATE TRIGGER round_gone_append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON look_round_gone
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();

-- A photograph of a thing (a piece of work, an inspected part, a stack), by the key that a note on it goes by.
ALTER TABLE photograph ADD COLUMN about text;

-- Down Migration

ALTER TABLE photograph DROP COLUMN about;

DROP TABLE look_round_gone, look_round;
ALTER TABLE shop DROP COLUMN nip_share, DROP COLUMN push_force_n;
