-- A stop of a run is driven from its phase's speed, which need not be the test's; null is the test's.
alter table stop add column nominal_mps double precision check (nominal_mps > 0 and nominal_mps <= 200);
