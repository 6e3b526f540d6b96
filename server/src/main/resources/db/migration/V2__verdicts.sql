-- The verdict of a test, kept so that the list of tests is quick. Stops, measurements and strike-outs are only ever
-- added, so their counts tell whether a kept verdict still stands. May be emptied at any time.
create table kept_verdict (
    test_id uuid primary key references brake_test,
    stands_for text not null,
    verdict text,
    candidate text
);
