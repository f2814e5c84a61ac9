package scree.app.skin;

import java.time.OffsetDateTime;

/** A reading as stored; {@code face} is JSON of {@link FaceState}. */
record ReadingRow(
        long id,
        long sittingId,
        long pictureId,
        String face,
        String trust,
        int cardFields,
        int cardLost,
        double cardResidual,
        double sideLight,
        OffsetDateTime keptAt,
        int version) {}
