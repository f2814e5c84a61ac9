package scree.app.sheet;

import java.time.OffsetDateTime;

/**
 * A printed sheet.
 *
 * @param number that its stones tell, of its own within a studio
 * @param pictures how many were read, none to two
 * @param named fields that are known to hold a product
 * @param taken fields whose product has taken what was read
 */
public record SwatchSheet(
        long id, int number, OffsetDateTime madeAt, String artistName, int pictures, int named, int taken) {}
