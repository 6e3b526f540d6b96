-- How the tyres were before a logged stop, as somebody said at the lane.
alter table stop add column tyres text;
