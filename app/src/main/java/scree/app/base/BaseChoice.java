package scree.app.base;

import java.time.OffsetDateTime;
import scree.core.colour.Lab;

/** The base taken in a sitting with the product as it was then. */
public record BaseChoice(
        long sittingId,
        long artistId,
        Long productId,
        String line,
        String name,
        String form,
        String finish,
        double contrastRatio,
        double wetL,
        double wetA,
        double wetB,
        double settledL,
        double settledA,
        double settledB,
        double targetL,
        double targetA,
        double targetB,
        String school,
        double difference,
        int rank,
        String trust,
        String lightGrade,
        String note,
        OffsetDateTime chosenAt,
        int version) {
    public String fullName() {
        return line + " " + name;
    }

    public Lab settled() {
        return Lab.of(settledL, settledA, settledB);
    }

    public String stoneId() {
        return line + "|" + name;
    }
}
