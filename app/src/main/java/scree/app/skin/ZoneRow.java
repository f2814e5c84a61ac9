package scree.app.skin;

/** A zone of a reading as stored. */
record ZoneRow(
        long readingId,
        String zone,
        double labL,
        double labA,
        double labB,
        double spread,
        int used,
        int shine,
        int shadow,
        int clipped,
        int feature) {}
