-- What is worn as a base is one document, written and read by one codec (WornCodec): a shade, a mix with its parts or two tones,
-- each with the bridge to the neck that was kept beside it.
alter table base_choice add worn jsonb;

update base_choice c
set    worn = jsonb_build_object('version', 1, 'worn', jsonb_strip_nulls(jsonb_build_object(
    'kind', case when c.more ? 'recipe' then 'MIX' when c.more ? 'inner' then 'TWO_TONES' else 'SINGLE' end,
    'shade', jsonb_build_object(
        'product', c.product_id, 'line', c.line, 'name', c.name, 'form', c.form, 'finish', c.finish,
        'contrastRatio', c.contrast_ratio,
        'wet', jsonb_build_object('lightness', c.wet_l, 'a', c.wet_a, 'b', c.wet_b),
        'onSkin', jsonb_build_object('lightness', c.settled_l, 'a', c.settled_a, 'b', c.settled_b)),
    'parts', (select jsonb_agg(jsonb_build_object(
                         'line', p -> 'line', 'name', p -> 'name', 'count', p -> 'count', 'strength', p -> 'strength',
                         'settled', jsonb_build_object('lightness', p -> 'l', 'a', p -> 'a', 'b', p -> 'b')) order by at)
              from   jsonb_array_elements(c.more -> 'recipe') with ordinality as r (p, at)),
    'inner', case when c.more ? 'inner' then jsonb_build_object(
                 'line', c.more -> 'inner' -> 'line', 'name', c.more -> 'inner' -> 'name',
                 'difference', c.more -> 'inner' -> 'difference', 'apart', c.more -> 'inner' -> 'apart',
                 'onSkin', jsonb_build_object('lightness', c.more -> 'inner' -> 'l', 'a', c.more -> 'inner' -> 'a',
                                              'b', c.more -> 'inner' -> 'b')) end,
    'neck', case when c.more ? 'neck' then jsonb_build_object(
                'way', c.more -> 'neck' -> 'way', 'left', c.more -> 'neck' -> 'left',
                'used', (select coalesce(jsonb_agg(jsonb_build_object(
                                    'product', p, 'coats', c.more -> 'neck' -> 'coats' -> (at::int - 1)) order by at), '[]'::jsonb)
                         from   jsonb_array_elements(c.more -> 'neck' -> 'products') with ordinality as u (p, at))) end)));

alter table base_choice alter worn set not null;
alter table base_choice
    drop product_id, drop line, drop name, drop form, drop finish, drop contrast_ratio, drop wet_l, drop wet_a, drop wet_b,
    drop settled_l, drop settled_a, drop settled_b, drop more;
