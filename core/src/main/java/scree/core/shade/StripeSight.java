package scree.core.shade;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import scree.core.colour.Illuminant;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.colour.Xyz;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinSpectrum;

/**
 * How a stripe looks on a client's own skin from cheek to neck: over time, thin or full, in several lights. Skin and stripe are
 * spectra, so that a pair may match in one light and part in another.
 */
public final class StripeSight {
    /** A stripe that is worse by this in another light is a trap. House choice: a class of nearness. */
    static final double TRAP = 1.0;
    /** Nothing is a trap that still blends. */
    private static final double STILL_BLENDS = Nearness.VERY_CLOSE.upTo();

    private final MatchTarget target;
    private final List<Spectrum> run;
    private final Spectrum aim;

    public StripeSight(MatchTarget target) {
        this.target = target;
        this.run =
                List.of(SkinSpectrum.of(target.cheek()), SkinSpectrum.of(target.jaw()), SkinSpectrum.of(target.neck()));
        this.aim = SkinSpectrum.of(target.colour());
    }

    /** Lights to look in, by lamp. */
    public enum Look {
        DAYLIGHT(Illuminant.D65),
        /** Three-band tubes of shops. */
        SHOP(Illuminant.F11),
        WARM_LAMP(Illuminant.LED27),
        /** Tungsten lamps. */
        STAGE(Illuminant.A),
        FLASH(Illuminant.D55);

        private final Illuminant lamp;

        Look(Illuminant lamp) {
            this.lamp = lamp;
        }

        /** Returns what an eye that is used to the lamp sees, as L*a*b* against the lamp's own white. */
        public Lab see(Spectrum spectrum) {
            Xyz white = lamp.white();
            return spectrum.toXyz(lamp).toLab(white);
        }
    }

    /** How much lies on the skin. */
    public enum Coat {
        /** One usual coat. */
        THIN,
        /** A generous patch that hides the skin: how a shade is compared. */
        FULL
    }

    /**
     * A product on trial.
     *
     * @param settled colour on the skin when it has settled
     * @param contrastRatio of one usual coat on a chart
     * @param wornShare of that in one on a face
     * @param dryDown minutes
     */
    public record Stripe(Lab wet, Lab settled, double contrastRatio, double wornShare, double dryDown) {}

    /** What is looked at. */
    public record Moment(double minutes, Coat coat, Look look) {}

    /**
     * A stripe at a moment.
     *
     * @param over its colour on cheek, jaw and neck
     * @param difference ΔE00 to the skin where it is matched, in that light
     */
    public record Seen(List<Lab> over, double difference) {
        public Nearness nearness() {
            return Nearness.of(difference);
        }
    }

    /** Returns the skin of cheek, jaw and neck in a light. */
    public List<Lab> skin(Look look) {
        return run.stream().map(look::see).toList();
    }

    /** Returns the skin in a light in 13 steps from cheek to neck. */
    public List<Lab> gradient(Look look) {
        List<Lab> ends = skin(look);
        return new MatchTarget(ends.get(1), ends.get(0), ends.get(1), ends.get(2), target.school()).gradient();
    }

    /** Returns what is seen of a stripe. */
    public Seen see(Stripe stripe, Moment moment) {
        Spectrum own = spectrum(DryDown.after(moment.minutes(), stripe.dryDown(), stripe.wet(), stripe.settled()));
        List<Lab> over = new ArrayList<>();
        for (Spectrum skin : run) {
            over.add(moment.look().see(on(skin, own, stripe, moment.coat())));
        }
        return new Seen(over, left(on(aim, own, stripe, moment.coat()), moment.look()));
    }

    /** Returns ΔE00 of what is seen to the skin where it is matched. */
    private double left(Spectrum seen, Look look) {
        return look.see(seen).differenceFrom(look.see(aim));
    }

    private static Spectrum on(Spectrum skin, Spectrum product, Stripe stripe, Coat coat) {
        return coat == Coat.FULL
                ? product
                : KubelkaMunk.film(
                        product, skin, stripe.wornShare() * KubelkaMunk.thicknessFor(product, stripe.contrastRatio()));
    }

    /**
     * Makers choose pigments that rise in the red as skin does, without blood's dips: half way, in ln K/S, between the smoothest
     * spectrum of the colour and skin of that colour. A stand-in until the product's own spectrum is measured.
     */
    private static Spectrum spectrum(Lab colour) {
        Spectrum smooth = LeastSlope.spectrumOf(colour)
                .orElseThrow(() -> new IllegalArgumentException(
                        "%s is no colour that a product can have: measure it again".formatted(colour)));
        Spectrum skin = SkinSpectrum.of(colour);
        Spectrum between = mid(smooth, skin);
        Spectrum has = LeastSlope.spectrumOf(between.toLab()).orElse(smooth);
        double[] r = new double[Spectrum.BANDS];
        for (int i = 0; i < r.length; i++) {
            // bent back to the colour that the mean missed by a little
            double ks = KubelkaMunk.absorption(between.at(i))
                    * KubelkaMunk.absorption(smooth.at(i))
                    / KubelkaMunk.absorption(has.at(i));
            r[i] = KubelkaMunk.reflectance(ks);
        }
        return Spectrum.of(r);
    }

    private static Spectrum mid(Spectrum one, Spectrum other) {
        double[] r = new double[Spectrum.BANDS];
        for (int i = 0; i < r.length; i++) {
            double ks = Math.sqrt(KubelkaMunk.absorption(one.at(i)) * KubelkaMunk.absorption(other.at(i)));
            r[i] = KubelkaMunk.reflectance(ks);
        }
        return Spectrum.of(r);
    }

    /** Returns the full, settled stripe's difference in every light. */
    public Map<Look, Double> everywhere(Stripe stripe) {
        Map<Look, Double> all = new EnumMap<>(Look.class);
        Spectrum settled = spectrum(DryDown.after(stripe.dryDown(), stripe.dryDown(), stripe.wet(), stripe.settled()));
        for (Look look : Look.values()) {
            all.put(look, left(settled, look));
        }
        return all;
    }

    /** Returns the light in which a stripe that is fine in daylight parts from the skin most, if it does. */
    public static Optional<Look> trap(Map<Look, Double> everywhere) {
        double day = everywhere.get(Look.DAYLIGHT);
        return everywhere.entrySet().stream()
                .filter(e -> day <= STILL_BLENDS && e.getValue() > STILL_BLENDS && e.getValue() >= day + TRAP)
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
    }
}
