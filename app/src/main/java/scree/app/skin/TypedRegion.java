package scree.app.skin;

import scree.core.skin.Region;
import scree.core.skin.SkinType;

/** The skin type of a region. */
public record TypedRegion(Region region, SkinType skinType) {}
