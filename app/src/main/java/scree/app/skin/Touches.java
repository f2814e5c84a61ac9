package scree.app.skin;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.core.skin.Region;
import scree.core.skin.SkinFinding;
import scree.core.skin.SkinType;
import scree.core.skin.Texture;

/** Keeps what the artist adds by hand and eye: textures by zone, skin type by region, findings that were not seen. */
@Service
public class Touches {
    private final SkinMapper mapper;
    private final Sittings sittings;

    Touches(SkinMapper mapper, Sittings sittings) {
        this.mapper = mapper;
        this.sittings = sittings;
    }

    /** Returns the textures that were found. */
    public List<Touched> of(StudioId studio, long sitting) {
        return mapper.touched(studio, sitting);
    }

    /** Marks a texture, or takes the mark away again. */
    @Transactional
    public void toggle(StudioId studio, long sitting, Touched touched) {
        sittings.hold(studio, sitting);
        if (mapper.untouch(studio, sitting, touched) == 0) {
            mapper.touch(studio, sitting, touched);
        }
    }

    /** Returns the skin types that were felt, by region. */
    public Map<Region, SkinType> types(StudioId studio, long sitting) {
        return mapper.types(studio, sitting).stream()
                .collect(Collectors.toMap(TypedRegion::region, TypedRegion::skinType));
    }

    /** @param type null to leave it open */
    @Transactional
    public void type(StudioId studio, long sitting, Region region, SkinType type) {
        sittings.get(studio, sitting);
        if (type == null) {
            mapper.clearType(studio, sitting, region);
        } else {
            mapper.putType(studio, sitting, region, type);
        }
    }

    /** Returns findings that an artist did not see, with whose word it is. */
    public Map<SkinFinding.Code, String> ruled(StudioId studio, long sitting) {
        return mapper.ruled(studio, sitting).stream()
                .collect(Collectors.toMap(RuledFinding::finding, RuledFinding::artistName));
    }

    /** Puts the artist's word over a finding, or takes it back. */
    @Transactional
    public void rule(Member me, long sitting, SkinFinding.Code finding) {
        sittings.hold(me.studio(), sitting);
        if (mapper.unrule(me.studio(), sitting, finding) == 0) {
            mapper.rule(me.studio(), sitting, finding, me.artistId());
        }
    }

    /** Returns where skin is broken: nothing goes on there. */
    public List<Touched> broken(StudioId studio, long sitting) {
        return of(studio, sitting).stream()
                .filter(t -> t.texture() == Texture.BROKEN_SKIN)
                .toList();
    }
}
