package scree.app.meter;

import scree.core.colour.Lab;
import scree.core.skin.Zone;

/** One press on a zone as stored. */
record ZonePress(Zone zone, double labL, double labA, double labB) {
    Lab colour() {
        return Lab.of(labL, labA, labB);
    }
}
