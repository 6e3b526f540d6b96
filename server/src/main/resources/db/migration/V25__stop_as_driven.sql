-- What was driven is said of each stop: a run goes through phases of several loads and surfaces in one series.
alter table stop add column kind text not null default 'STOP' check (kind in ('STOP', 'SNUB'));
alter table stop add column cycle integer check (cycle > 0);
alter table stop add column load_state text;
alter table stop add column surface text;
-- How hot the logger saw the discs get after the stop had been assessed; null where nothing came later.
alter table stop add column peaks jsonb;
update stop set kind = 'SNUB'
where exists (select 1 from measurement m where m.stop_id = stop.id and m.figures ->> 'kind' = 'SNUB');

-- Stops and snubs are counted apart, and stand in the order in which they were driven.
alter table stop add column position integer;
update stop set position = number;
alter table stop alter column position set not null;

-- A plan that was made once stops were there did not bind them: they are no early part of it.
alter table test_plan add column made_after_stops boolean not null default false;
update test_plan set made_after_stops = true
where exists (select 1 from stop s join series r on r.id = s.series_id
              where r.test_id = test_plan.id and s.created_at < test_plan.created_at);

-- The stops that earlier versions stored of a run are compared with what the run recorded, once.
alter table run add column record_verified boolean not null default false;
