package scree.core.shade;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Film;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.reason.Reason;
import scree.core.skin.SkinSpectrum;

/**
 * Ways to make face and neck one colour again after the base, each simulated as films over the neck's skin or over the based
 * lower face, with the ΔE00 that is left at the jaw.
 */
public final class NeckBridge {
    /** Coats that are tried. A veil is what is left on the brush. House choices. */
    private static final double[] VEIL = {0.15, 0.25, 0.35};

    private static final double[] WARM = {0.25, 0.5, 0.75, 1.0, 1.5};
    /** Of the deeper one of two bronzers, on the lower face. */
    private static final double[] ABOVE = {0.25, 0.5};

    private static final double[] BRIGHTEN = {0.25, 0.5, 0.75};
    private static final double[] BODY = {1.0};
    /** Past this an edge shows at the jaw and a bridge is worth it. */
    static final double WORTH_IT = Nearness.VERY_CLOSE.upTo();
    /** A way that leaves less than this less than nothing does is no better. House choice: what no eye sees. */
    private static final double NO_GAIN = 0.3;
    /** A more elaborate way has to leave this much less to stand first. House choice: half of what an eye sees. */
    private static final double WORK = 0.5;

    /** What leaves no more than this is left alone, whatever would leave less. */
    private static final double UNSEEN = Nearness.UNSEEN.upTo();

    private NeckBridge() {}

    /** Ways, in the order of the work they make. */
    public enum Way {
        NOTHING,
        /** The leftover on the brush, down the neck: a veil, not a coat. */
        VEIL,
        /** Bronzer on the neck. */
        WARM_THE_NECK,
        /** A lighter base over the lower face, towards a lighter neck. */
        BRIGHTEN_LOWER_FACE,
        /** A deeper bronzer above the jaw, a lighter one below. */
        TWO_BRONZERS,
        /** Transfer-proof body product on neck and chest. */
        BODY_PRODUCT
    }

    /** Reasons. */
    public enum Code {
        /** Args: ΔE00 left. */
        LEFT_AT_THE_JAW,
        /** Even the best way leaves an edge. */
        STILL_AN_EDGE,
        /** Does no more than leaving it. */
        NO_BETTER,
        /** A coat on the neck marks a light collar. */
        COLLAR,
        /** A veil may mark it still: powder it, keep the cloth off. */
        COLLAR_VEIL,
        NOT_TRANSFER_PROOF
    }

    /**
     * A product that may go on.
     *
     * @param id the maker's own
     * @param coat one usual coat of it
     */
    public record Product(long id, Film coat) {
        private Spectrum over(Spectrum ground, double coats) {
            return coat.times(coats).over(ground);
        }

        private double lightness() {
            return coat.product().toLab().lightness();
        }
    }

    /**
     * What is there to bridge with.
     *
     * @param base on the face
     * @param lighter bases that may brighten the lower face
     * @param bronzers any number
     * @param body products for the body: bases of full coverage serve where there are none
     * @param lightCollar whether a light collar touches the neck
     */
    public record Kit(
            Product base, List<Product> lighter, List<Product> bronzers, List<Product> body, boolean lightCollar) {}

    /**
     * One way, simulated.
     *
     * @param products one or two; the base itself for a veil
     * @param coats of each, on the neck or on the lower face
     * @param face colour of the lower face afterwards
     * @param neck colour of the neck afterwards
     * @param left ΔE00 between the two
     */
    public record Bridge(
            Way way, List<Long> products, List<Double> coats, Lab face, Lab neck, double left, List<Reason> reasons) {
        private Bridge againstLeavingIt(double leftAlone) {
            if (way == Way.NOTHING || left <= leftAlone - NO_GAIN) {
                return this;
            }
            List<Reason> more = new ArrayList<>(reasons);
            more.add(Reason.check(Code.NO_BETTER));
            return new Bridge(way, products, coats, face, neck, left, more);
        }
    }

    /** Returns every way that the kit allows, the best first: least left, and more work only for something. */
    public static List<Bridge> of(Lab jawSkin, Lab neckSkin, Kit kit) {
        Spectrum neck = SkinSpectrum.of(neckSkin);
        Spectrum face = kit.base().over(SkinSpectrum.of(jawSkin), 1);
        Lab f = face.toLab();
        List<Laid> warmed = laid(WARM, kit.bronzers(), neck, f);
        List<Bridge> ways = new ArrayList<>();
        ways.add(bridge(Way.NOTHING, List.of(), List.of(), f, neckSkin, kit));
        best(laid(VEIL, List.of(kit.base()), neck, f)).ifPresent(b -> ways.add(onNeck(Way.VEIL, b, f, kit)));
        best(warmed).ifPresent(b -> ways.add(onNeck(Way.WARM_THE_NECK, b, f, kit)));
        best(laid(BRIGHTEN, kit.lighter(), face, neckSkin))
                .ifPresent(b -> ways.add(bridge(
                        Way.BRIGHTEN_LOWER_FACE, List.of(b.product.id()), List.of(b.coats), b.colour, neckSkin, kit)));
        twoBronzers(laid(ABOVE, kit.bronzers(), face, neckSkin), warmed, kit).ifPresent(ways::add);
        best(laid(BODY, kit.body(), neck, f)).ifPresent(b -> ways.add(onNeck(Way.BODY_PRODUCT, b, f, kit)));
        ways.sort(Comparator.comparingDouble(b -> b.left() + WORK * effort(b, kit)));
        double leftAlone = f.differenceFrom(neckSkin);
        return ways.stream().map(b -> b.againstLeavingIt(leftAlone)).toList();
    }

    /** Returns whether face and neck differ enough to be bridged. */
    public static boolean worthIt(Lab face, Lab neck) {
        return face.differenceFrom(neck) > WORTH_IT;
    }

    private static double effort(Bridge b, Kit kit) {
        double work = switch (b.way()) {
            case NOTHING -> 0;
            case VEIL, WARM_THE_NECK -> 1;
            case BRIGHTEN_LOWER_FACE -> 1.2;
            case TWO_BRONZERS -> 2;
            case BODY_PRODUCT -> 2.5;
        };
        // a coat under a light collar stands last among what is near
        if (b.way() == Way.NOTHING && b.left() <= UNSEEN) {
            return -1 / WORK; // nobody works on what nobody sees
        }
        return work + (kit.lightCollar() && b.way() == Way.BODY_PRODUCT ? 4 : 0);
    }

    /** A product that was laid, and what is left to the other side. */
    private record Laid(Product product, double coats, Lab colour, double left) {}

    /** Returns every product in every number of coats over a ground. */
    private static List<Laid> laid(double[] coats, List<Product> products, Spectrum ground, Lab other) {
        List<Laid> all = new ArrayList<>();
        for (Product p : products) {
            for (double c : coats) {
                Lab colour = p.over(ground, c).toLab();
                all.add(new Laid(p, c, colour, colour.differenceFrom(other)));
            }
        }
        return all;
    }

    private static Optional<Laid> best(List<Laid> all) {
        return all.stream().min(Comparator.comparingDouble(Laid::left));
    }

    private static Bridge onNeck(Way way, Laid laid, Lab face, Kit kit) {
        return bridge(way, List.of(laid.product.id()), List.of(laid.coats), face, laid.colour, kit);
    }

    private static Optional<Bridge> twoBronzers(List<Laid> above, List<Laid> below, Kit kit) {
        Laid onFace = null;
        Laid onNeck = null;
        double least = Double.POSITIVE_INFINITY;
        for (Laid a : above) {
            for (Laid b : below) {
                double left = a.colour.differenceFrom(b.colour);
                if (a.product.lightness() < b.product.lightness() && left < least) {
                    least = left;
                    onFace = a;
                    onNeck = b;
                }
            }
        }
        return onFace == null
                ? Optional.empty()
                : Optional.of(bridge(
                        Way.TWO_BRONZERS,
                        List.of(onFace.product.id(), onNeck.product.id()),
                        List.of(onFace.coats, onNeck.coats),
                        onFace.colour,
                        onNeck.colour,
                        kit));
    }

    private static Bridge bridge(Way way, List<Long> products, List<Double> coats, Lab face, Lab neck, Kit kit) {
        double left = face.differenceFrom(neck);
        List<Reason> reasons = new ArrayList<>();
        reasons.add(
                Nearness.of(left).compareTo(Nearness.CLOSE) > 0
                        ? Reason.check(Code.STILL_AN_EDGE)
                        : Reason.note(Code.LEFT_AT_THE_JAW, left));
        if (kit.lightCollar() && way == Way.BODY_PRODUCT) {
            reasons.add(Reason.caution(Code.COLLAR));
        } else if (kit.lightCollar() && (way == Way.VEIL || way == Way.WARM_THE_NECK || way == Way.TWO_BRONZERS)) {
            reasons.add(Reason.caution(Code.COLLAR_VEIL));
        } else if (way == Way.BODY_PRODUCT) {
            reasons.add(Reason.check(Code.NOT_TRANSFER_PROOF));
        }
        return new Bridge(way, products, coats, face, neck, left, reasons);
    }
}
