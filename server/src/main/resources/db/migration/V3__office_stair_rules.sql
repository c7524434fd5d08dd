-- Sets of rules for stairs that an office added, for all of its projects.

create table office_stair_rules (
    name    text        primary key,
    body    jsonb       not null,
    made_at timestamptz not null
);
