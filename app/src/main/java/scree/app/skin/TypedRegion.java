package scree.app.skin;

import scree.core.placement.FaceBrief;
import scree.core.skin.Region;

/** The skin type of a region. */
public record TypedRegion(Region region, FaceBrief.SkinType skinType) {}
