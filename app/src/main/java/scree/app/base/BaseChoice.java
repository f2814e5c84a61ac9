package scree.app.base;

import java.time.OffsetDateTime;
import java.util.Objects;
import scree.app.kit.Product;
import scree.core.colour.Lab;
import scree.core.skin.MatchTarget;

/**
 * The base taken in a sitting with the product as it was then.
 *
 * @param productId null when it was mixed, or when the product is gone
 * @param overruled what spoke against it, or null
 * @param more JSON of what belongs to it: parts of a mix, inner tone, bridge to the neck; null for a single shade
 */
public record BaseChoice(
        long id,
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
        String overruled,
        String more,
        OffsetDateTime chosenAt,
        int version) {
    /** The line under which a mix is kept. */
    public static final String MIX = "Mix";

    /**
     * What is worn.
     *
     * @param product its id is 0 for a mix
     * @param onSkin colour on this skin
     */
    public record Worn(Product product, Lab onSkin, double difference, int rank, String overruled, String more) {}

    /** Returns whether the same was taken in the same way, so that a second press takes nothing new. */
    boolean sameAs(BaseChoice other) {
        return Objects.equals(productId, other.productId)
                && line.equals(other.line)
                && name.equals(other.name)
                && Objects.equals(note, other.note)
                && settled().equals(other.settled())
                && artistId == other.artistId;
    }

    static BaseChoice of(
            long sitting, long artist, Worn worn, MatchTarget target, String trust, String light, String note) {
        Product p = worn.product();
        Lab t = target.colour();
        Lab on = worn.onSkin();
        return new BaseChoice(
                0,
                sitting,
                artist,
                p.id() == 0 ? null : Long.valueOf(p.id()),
                p.line(),
                p.name(),
                p.form(),
                p.finish(),
                p.contrastRatio(),
                p.wetL(),
                p.wetA(),
                p.wetB(),
                on.lightness(),
                on.a(),
                on.b(),
                t.lightness(),
                t.a(),
                t.b(),
                target.school().name(),
                worn.difference(),
                worn.rank(),
                trust,
                light,
                note,
                worn.overruled(),
                worn.more(),
                null,
                0);
    }

    public String fullName() {
        return line + " " + name;
    }

    /** Returns the name where there is little room: a mix is told in full elsewhere. */
    public String shortName() {
        return productId == null && line.equals(MIX) ? "Mixed" : fullName();
    }

    public Lab settled() {
        return Lab.of(settledL, settledA, settledB);
    }

    public String stoneId() {
        return line + "|" + name;
    }
}
