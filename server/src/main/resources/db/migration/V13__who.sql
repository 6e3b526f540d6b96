-- Who did what is a name, kept as it was written then: no longer a row that every event must find. A device says what it
-- says itself, by its name.
alter table run_event add column by_name text;
update run_event e set by_name = o.name from operator o where o.id = e.operator_id;
alter table run_event alter column by_name set not null, drop column operator_id;
alter table photo add column by_name text;
update photo p set by_name = o.name from operator o where o.id = p.operator_id;
alter table photo alter column by_name set not null, drop column operator_id;

delete from operator where device_id is not null;
drop index operator_name;
alter table operator drop column device_id;
alter table operator rename to person;
create unique index person_name on person (name);

-- Whoever read a disc, saw the air or signed stands beside what was read, seen and signed, not in it.
alter table disc_reading add column by_name text;
update disc_reading set by_name = coalesce(entry::jsonb ->> 'by', '');
alter table disc_reading alter column by_name set not null;
alter table air_flow add column by_name text;
update air_flow set by_name = coalesce(entry::jsonb ->> 'by', '');
alter table air_flow alter column by_name set not null;
update test_plan
set safety = jsonb_set(safety::jsonb, '{signedBy}', coalesce(safety::jsonb #> '{gate,signedBy}', '""'::jsonb))::text
where safety is not null;

-- By whom every row was last changed; null of what was kept before, and where nobody gave a name.
do $$
declare
    kept record;
begin
    for kept in select table_name from information_schema.columns
        where table_schema = current_schema() and column_name = 'updated_at'
    loop
        execute format('alter table %I add column changed_by text', kept.table_name);
    end loop;
end $$;
