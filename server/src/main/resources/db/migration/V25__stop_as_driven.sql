-- What was driven is said of each stop: a run goes through phases of several loads and surfaces in one series.
alter table stop add column kind text not null default 'STOP' check (kind in ('STOP', 'SNUB'));
alter table stop add column cycle integer check (cycle > 0);
alter table stop add column load_state text;
alter table stop add column surface text;
-- How hot the logger saw the discs get after the stop had been assessed; null where nothing came later.
alter table stop add column peaks jsonb;
update stop set kind = 'SNUB'
where exists (select 1 from measurement m where m.stop_id = stop.id and m.figures ->> 'kind' = 'SNUB');
