package scree.app.meter;

import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.mix.Recipe;
import scree.core.skin.Zone;

/** Where the meters are; the demo brings its stand-ins, else the settings say. */
public interface MeterAddresses {
    /** Returns host:port, blank when no colour meter is set up. */
    String colour();

    /** Returns host:port, blank when no light meter is set up. */
    String light();

    /** Lets a stand-in's hand lay the meter on a zone of a sitter; a real one is laid by a real hand. */
    default void layOn(StudioId studio, long sitting, Zone zone) {}

    /** The same on a swatch. */
    default void layOn(Lab swatch) {}

    /** The same on a stripe that has settled; what its record says may not be what it does. */
    default void layOnStripe(long product, Lab recorded) {}

    /** The same on a mix, stirred by a recipe. */
    default void layOn(Recipe mixed) {}
}
