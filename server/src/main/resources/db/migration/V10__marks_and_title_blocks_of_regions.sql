-- What marks begin with and which title block sheets have in trade regions that an office made: as in the regions they are like, when this was added.
update office_regions
set body = body
    || jsonb_build_object('letters', case body ->> 'like'
        when 'DE' then '{"walls": "W", "doors": "TÜ", "windows": "FE"}'::jsonb
        else '{"walls": "WA", "doors": "D", "windows": "W"}'::jsonb
    end)
    || jsonb_build_object('titleBlock', case body ->> 'like'
        when 'UK' then 'title-block-corner'
        when 'DE' then 'title-block-corner'
        else 'title-block-strip'
    end)
where not body ? 'letters';
