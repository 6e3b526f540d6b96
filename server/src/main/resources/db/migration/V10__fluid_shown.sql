-- Whether a configuration of a test showed vapour in its fluid stands in the list of tests, beside the verdict.
alter table kept_verdict add column fluid_shown text;
delete from kept_verdict;
