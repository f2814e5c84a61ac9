package scree.app.meter;

import scree.core.colour.Lab;

/** One press on a zone as stored. */
record ZonePress(String zone, double labL, double labA, double labB) {
    Lab colour() {
        return Lab.of(labL, labA, labB);
    }
}
