package scree.app.skin;

import scree.core.face.Side;
import scree.core.skin.Texture;
import scree.core.skin.Zone;

/** A texture that was found on one side of a zone. */
public record Touched(Zone zone, Side side, Texture texture) {}
