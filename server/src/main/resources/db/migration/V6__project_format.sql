-- The form that a project is in as a whole: what later forms added to every project is added once, not whenever it is read.
alter table project add column format int not null default 6;
update project p set format = coalesce((select min(e.format) from element e where e.project_id = p.id), 6);
alter table project alter column format drop default;
