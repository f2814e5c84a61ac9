package scree.app.mix;

import java.time.OffsetDateTime;

/** A test mix as stored; parts are JSON. */
record TestMixRow(
        long id,
        String parts,
        double seenL,
        double seenA,
        double seenB,
        boolean byMeter,
        OffsetDateTime triedAt,
        String artistName) {}
