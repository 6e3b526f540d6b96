-- The same rubber grips otherwise when it is warm: said, or read from the tread.
alter table series
    add column tyres varchar(10),
    add column tyre_c double precision;
