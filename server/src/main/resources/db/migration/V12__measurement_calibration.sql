-- What a stop was measured with stays with it: a later stop of the same log changes nothing of it. Null before that was kept.
alter table measurement add column calibration text;
