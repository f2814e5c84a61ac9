package scree.app.skin;

import java.time.OffsetDateTime;

/** A reading as stored; {@code face} is JSON of {@link FaceState}, {@code light} of the core's light figures. */
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
        String light,
        String printName,
        OffsetDateTime keptAt,
        int version) {}
