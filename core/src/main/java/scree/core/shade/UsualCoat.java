package scree.core.shade;

import java.util.List;
import scree.core.colour.Film;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;

/**
 * One usual coat of a product, the only place that knows how a coat on a face is related to the coat that its contrast ratio was told
 * on. A chart's drawdown is thicker than make-up, so a coat as worn has a share of the chart's scattering power: {@link #ESTIMATED} until
 * a swatch or a pencil line under a coat told it for this product ({@link PencilLine}).
 *
 * @param product spectrum at full opacity
 * @param onChart scattering power S·X of the coat whose contrast ratio is on record
 * @param wornShare scattering power of a usual coat on a face over that
 * @param microns thickness of a usual coat on a face, settled
 */
public record UsualCoat(Spectrum product, double onChart, double wornShare, double microns) {
    /** House choice, docs/method.md: with 1.0 one base coat hides a red blemish, which no artist has seen; craft says that it dims it. */
    public static final double ESTIMATED = .40;

    /** Where the contrast ratio was read from a coat that was laid as thin as on a face, a coat on a face is that one. */
    public static final double AS_ON_CHART = 1;

    /** Shares that a test may tell. House choice: past these the test went wrong. */
    public static final double LEAST_SHARE = .05;

    public static final double MOST_SHARE = 2;

    /**
     * Returns a coat of a product of which colour and cover are known, its share as worn estimated.
     *
     * @throws IllegalArgumentException for a colour that no product can have
     */
    public static UsualCoat of(Form form, Lab settled, double contrastRatio) {
        return of(form, settled, contrastRatio, ESTIMATED);
    }

    /**
     * Returns a coat of a product.
     *
     * @param wornShare as measured, or {@link #ESTIMATED}
     */
    public static UsualCoat of(Form form, Lab settled, double contrastRatio, double wornShare) {
        Spectrum spectrum = LeastSlope.spectrumOf(settled)
                .orElseThrow(() -> new IllegalArgumentException(
                        "%s is no colour that a product can have: measure it again".formatted(settled)));
        return new UsualCoat(
                spectrum, KubelkaMunk.thicknessFor(spectrum, contrastRatio), wornShare, form.usualMicrons());
    }

    /** Returns some usual coats as they lie on a face. */
    public Film worn(double coats) {
        return new Film(product, onChart * wornShare * coats, microns * coats);
    }

    /** Returns some coats as the contrast ratio was told on; the doses of {@code judge} are counted in these. */
    public Film onChart(double coats) {
        return new Film(product, onChart * coats, microns * coats / wornShare);
    }

    /** Returns some usual coats as this role lays them: colour is dosed in chart coats, what covers as it is worn. */
    public Film laid(Role role, double coats) {
        return switch (role) {
            case BASE, CONCEALER, CORRECTOR -> worn(coats);
            default -> onChart(coats);
        };
    }

    /** Returns how many chart coats some coats on a face are. */
    public double chartCoats(double worn) {
        return worn * wornShare;
    }

    /** Returns the colour of a usual coat, as worn, on skin or on anything else of a colour. */
    public Lab over(Lab ground) {
        return LeastSlope.spectrumOf(ground).map(g -> worn(1).over(g).toLab()).orElse(ground);
    }

    /** Returns the colour over the white of the chart that contrast is told on. */
    public Lab overWhite() {
        return onChart(1).over(Spectrum.flat(KubelkaMunk.CHART_WHITE)).toLab();
    }

    /** Returns the colour over its black. */
    public Lab overBlack() {
        return onChart(1).over(Spectrum.flat(0)).toLab();
    }

    /**
     * Returns two products stirred together: tints weigh by how much a coat of each scatters, thickness by share.
     *
     * @param share of the first, 0 to 1
     */
    public UsualCoat mixed(double share, UsualCoat other) {
        Spectrum colour = KubelkaMunk.mix(List.of(
                new KubelkaMunk.Part(product, share * onChart),
                new KubelkaMunk.Part(other.product, (1 - share) * other.onChart)));
        return new UsualCoat(
                colour,
                between(share, onChart, other.onChart),
                between(share, wornShare, other.wornShare),
                between(share, microns, other.microns));
    }

    private static double between(double share, double one, double other) {
        return share * one + (1 - share) * other;
    }
}
