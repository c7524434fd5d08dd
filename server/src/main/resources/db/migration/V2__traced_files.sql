-- Pictures and PDFs to trace from, named by their bytes, so that projects, copies and versions share them.

create table traced_file (
    sha256  text        primary key,
    bytes   bytea       not null,
    made_at timestamptz not null
);
