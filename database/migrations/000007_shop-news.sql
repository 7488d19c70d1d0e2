-- Up Migration

-- The shop's own things (people, tools, instruments, stock, rounds, rules) are news to every open screen, whichever way they were changed:
-- one that was drawn a moment before shows what was, and has nothing else to tell it so. Sent once a transaction, with its commit.
CREATE FUNCTION tell_shop_news() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('urn_key_live', '{"kind":"shop"}');
  RETURN NULL;
END $$;
CREATE TRIGGER shop_is_news AFTER INSERT OR UPDATE OR DELETE ON shop
  FOR EACH STATEMENT EXECUTE FUNCTION tell_shop_news();
CREATE TRIGGER person_is_news AFTER INSERT OR UPDATE OR DELETE ON person
  FOR EACH STATEMENT EXECUTE FUNCTION tell_shop_news();
CREATE TRIGGER instrument_is_news AFTER INSERT OR UPDATE OR DELETE ON instrument
  FOR EACH STATEMENT EXECUTE FUNCTION tell_shop_news();
CREATE TRIGGER tool_is_news AFTER INSERT OR UPDATE OR DELETE ON tool
  FOR EACH STATEMENT EXECUTE FUNCTION tell_shop_news();
CREATE TRIGGER stock_is_news AFTER INSERT OR UPDATE OR DELETE ON stock_item
  FOR EACH STATEMENT EXECUTE FUNCTION tell_shop_news();
CREATE TRIGGER round_is_news AFTER INSERT OR UPDATE OR DELETE ON look_round
  FOR EACH STATEMENT EXECUTE FUNCTION tell_shop_news();
CREATE TRIGGER round_gone_is_news AFTER INSERT ON look_round_gone
  FOR EACH STATEMENT EXECUTE FUNCTION tell_shop_news();

-- Down Migration

DROP TRIGGER shop_is_news ON shop;
DROP TRIGGER person_is_news ON person;
DROP TRIGGER instrument_is_news ON instrument;
DROP TRIGGER tool_is_news ON tool;
DROP TRIGGER stock_is_news ON stock_item;
DROP TRIGGER round_is_news ON look_round;
DROP TRIGGER round_gone_is_news ON look_round_gone;
DROP FUNCTION tell_shop_news();
