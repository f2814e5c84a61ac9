package scree.app.skin;

import scree.core.skin.SkinFinding;

/** A finding that an artist did not see, and whose word that is. */
public record RuledFinding(SkinFinding.Code finding, String artistName) {}
