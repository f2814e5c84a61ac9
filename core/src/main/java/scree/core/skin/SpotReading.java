package scree.core.skin;

import scree.core.colour.Lab;

/**
 * A free spot as read, against the skin round it.
 *
 * @param colour of the spot under D65
 * @param surround of the ring of skin round it
 */
public record SpotReading(FreeSpot spot, Lab colour, Lab surround) {
    /** Returns ΔE00 between spot and surround. */
    public double difference() {
        return colour.differenceFrom(surround);
    }
}
