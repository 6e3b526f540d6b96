-- What came of a test and how sure, for the list of tests. What is kept here is computed anew where it is missing.
delete from kept_verdict;
alter table kept_verdict add column told jsonb;
