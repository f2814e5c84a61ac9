package scree.core.skin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import scree.core.colour.Lab;
import scree.core.image.Calibration;
import scree.core.light.LightFigures;
import scree.core.reason.Reason;

/**
 * A face as read from one picture.
 *
 * @param trust what the figures are worth
 * @param quality of the card, all 0 without one
 * @param zones those that could be read
 * @param unread zones that were left out, with the reason
 * @param spots free spots that could be read
 * @param light what the picture tells of its light
 * @param reasons remarks on the card, see {@link Remarks}
 */
public record SkinReading(
        Trust trust,
        Calibration.Quality quality,
        List<ZoneReading> zones,
        List<Unread> unread,
        List<SpotReading> spots,
        LightFigures light,
        List<Reason> reasons) {
    public SkinReading {
        zones = List.copyOf(zones);
        unread = List.copyOf(unread);
        spots = List.copyOf(spots);
        reasons = List.copyOf(reasons);
    }

    /** What a reading rests on, best first. */
    public enum Trust {
        /** The colour card, whole and clean. */
        COLOUR_CARD(1.0),
        /** Three greys only. */
        GREY_CARD(2.0),
        /** The camera's word, or a card in bad light. Never called a reading. */
        PROVISIONAL(5);

        private final double within;

        Trust(double within) {
            this.within = within;
        }

        /** Returns the mean ΔE00 promised in daylight, with reserve over what was measured on simulated pictures. */
        public double within() {
            return within;
        }
    }

    /** Why a zone has no colour. */
    public enum WhyUnread {
        OUTSIDE,
        /** Much darker than the rest: hair or deep shadow. */
        COVERED,
        /** Too few pixels left after shine and shadow. */
        TOO_FEW
    }

    /** A zone without a colour. */
    public record Unread(Zone zone, WhyUnread why) {}

    /** What a depth may be off by in light of a strong colour. House choice: about two classes either way. */
    private static final double WITHIN_IN_A_CAST = 12;

    /** Returns the mean ΔE00 promised; in light of a strong colour without a card by how much L* may be off. */
    public double within() {
        return light.strongCast() ? WITHIN_IN_A_CAST : trust.within();
    }

    /** Returns |ln(left / right)| of the light on the cheeks; 0.10 is fine, over 0.15 too much. */
    public double sideLight() {
        return light.slant();
    }

    /** Returns the same reading resting on something else. */
    public SkinReading trusted(Trust other) {
        return new SkinReading(other, quality, zones, unread, spots, light, reasons);
    }

    /** Returns the reading with one zone's colour taken from elsewhere, such as a colour meter. */
    public SkinReading with(ZoneReading measured) {
        List<ZoneReading> others = new ArrayList<>(
                zones.stream().filter(z -> z.zone() != measured.zone()).toList());
        others.add(measured);
        others.sort(Comparator.comparing(ZoneReading::zone));
        List<Unread> still =
                unread.stream().filter(u -> u.zone() != measured.zone()).toList();
        return new SkinReading(trust, quality, others, still, spots, light, reasons);
    }

    /** Returns a zone's colour as a meter read it. */
    public Optional<Lab> meteredColourOf(Zone zone) {
        return zones.stream()
                .filter(z -> z.zone() == zone && z.metered())
                .map(ZoneReading::colour)
                .findFirst();
    }

    /** Returns a zone's colour where it tells anything of the skin: in light of a strong colour only a meter does. */
    public Optional<Lab> tellingColourOf(Zone zone) {
        return light.strongCast() ? meteredColourOf(zone) : colourOf(zone);
    }

    /**
     * Returns which depths the skin may have, from lightness alone: the light's colour would enter the angle by which depth is told. Empty
     * when neither jaw, cheek nor neck was read.
     */
    public Optional<Depth.Range> depths() {
        return Stream.of(Zone.JAW, Zone.OUTER_CHEEK, Zone.CHEEK, Zone.NECK)
                .map(this::colourOf)
                .flatMap(Optional::stream)
                .findFirst()
                .map(skin -> Depth.within(skin.lightness(), within()));
    }

    public Optional<Lab> colourOf(Zone zone) {
        return zones.stream()
                .filter(z -> z.zone() == zone)
                .map(ZoneReading::colour)
                .findFirst();
    }
}
