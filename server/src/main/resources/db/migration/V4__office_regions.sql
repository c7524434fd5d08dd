-- Trade regions that an office made, for all of its projects.

create table office_regions (
    id      text        primary key,
    body    jsonb       not null,
    made_at timestamptz not null
);
