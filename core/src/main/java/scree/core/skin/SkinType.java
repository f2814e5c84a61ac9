package scree.core.skin;

/** How a skin behaves; decides powder, finish and how much a powder base deepens. */
public enum SkinType {
    DRY,
    NORMAL,
    COMBINATION,
    OILY
}
