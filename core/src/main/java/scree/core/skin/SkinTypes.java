package scree.core.skin;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/**
 * How a skin behaves over the face.
 *
 * @param told by the client for the whole face, or null
 * @param felt by the artist, region by region; goes before what was told
 */
public record SkinTypes(SkinType told, Map<Region, SkinType> felt) {
    public SkinTypes {
        felt = Map.copyOf(felt);
    }

    /** Returns every type that the face has; empty while nothing is known. */
    public Set<SkinType> all() {
        Set<SkinType> all = EnumSet.noneOf(SkinType.class);
        all.addAll(felt.values());
        if (all.isEmpty() && told != null) {
            all.add(told);
        }
        return all;
    }

    /** Returns the type of the cheeks, which most of a base lies on; null when unknown. */
    public SkinType cheeks() {
        return felt.getOrDefault(Region.CHEEKS, told);
    }
}
