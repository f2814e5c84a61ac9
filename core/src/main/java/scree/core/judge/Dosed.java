package scree.core.judge;

import java.util.EnumMap;
import java.util.Map;
import scree.core.colour.CieDe2000;
import scree.core.colour.Lab;

/** One dose of a product on its ground, with all measures of it. */
record Dosed(double coats, Lab glint, Lab rest, Map<Measure, Double> measures) {
    /** Below this chroma a share of it tells nothing. */
    private static final double LEAST_CHROMA = 4;

    /** Chroma from which on hue counts in full: ΔH is chroma times the angle. */
    private static final double FULL_HUE_CHROMA = 13;

    private static final double LEAST_PUSH = 1.5;

    /** @param flash colour in a flash, or null when it is not asked */
    static Dosed of(double coats, Lab glint, Lab rest, Lab flash, Lab ground, double control) {
        Map<Measure, Double> m = new EnumMap<>(Measure.class);
        m.put(Measure.LIGHTER, glint.lightness() - ground.lightness());
        double redder = glint.a() - ground.a();
        double yellower = glint.b() - ground.b();
        m.put(Measure.REDDER, redder);
        double root = Math.sqrt(glint.chroma() * ground.chroma());
        m.put(
                Measure.HUE_TURN,
                Angles.wrap(Angles.hue(glint) - Angles.hue(ground)) * Math.min(1, root / FULL_HUE_CHROMA));
        m.put(Measure.OWN_CHROMA, ownShare(glint, ground));
        m.put(Measure.CHROMA, glint.chroma() / Math.max(LEAST_CHROMA, ground.chroma()));
        m.put(Measure.DIFFERENCE, CieDe2000.between(glint, ground));
        m.put(Measure.LUMINANCE, Math.pow((glint.lightness() + 16) / (ground.lightness() + 16), 3));
        m.put(Measure.PUSH, Math.toDegrees(Math.atan2(yellower, redder)));
        m.put(
                Measure.DARKENING,
                (ground.lightness() - glint.lightness()) / Math.max(LEAST_PUSH, Math.hypot(redder, yellower)));
        m.put(Measure.LIGHTNESS, glint.lightness());
        m.put(Measure.ABSOLUTE_CHROMA, glint.chroma());
        m.put(Measure.HUE, Angles.hue(glint));
        m.put(Measure.REST_DIFFERENCE, CieDe2000.between(rest, ground));
        m.put(Measure.REST_OWN_CHROMA, ownShare(rest, ground));
        m.put(Measure.FLASH_DIFFERENCE, flash == null ? 0 : CieDe2000.between(flash, ground));
        m.put(Measure.CONTROL, control);
        return new Dosed(coats, glint, rest, m);
    }

    private static double ownShare(Lab result, Lab ground) {
        return result.chroma() / Math.max(LEAST_CHROMA, RoleSkin.ownChroma(ground, result.lightness()));
    }

    double of(Measure measure) {
        return measures.get(measure);
    }
}
