package scree.app.meter;

import java.time.OffsetDateTime;
import scree.core.colour.Lab;

/** One press on a swatch as stored. */
record SwatchPress(String state, double labL, double labA, double labB, OffsetDateTime pressedAt) {
    Lab colour() {
        return Lab.of(labL, labA, labB);
    }
}
