package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import scree.core.colour.Lab;
import scree.core.image.Calibration;
import scree.core.image.ZoneSample;
import scree.core.light.LightFigures;
import scree.core.skin.SkinReading.Trust;

/** Readings with given colours, for judging only. */
public final class Skins {
    private Skins() {}

    public static SkinReading reading(Map<Zone, Lab> colours, Trust trust) {
        return reading(
                colours,
                trust,
                new LightFigures(LightFigures.Card.COLOUR, 5600.0, 0.0, 0.0, 0.3, 0.5, 0.5, 3.0, 0, 0.01, null));
    }

    /** Without a card, in light with or without a strong colour. */
    static SkinReading bare(Map<Zone, Lab> colours, boolean strongCast) {
        return reading(
                colours,
                Trust.PROVISIONAL,
                new LightFigures(LightFigures.Card.NONE, null, 0.0, 0.0, 0.3, null, 0.5, 3.0, 0, 0, strongCast));
    }

    private static SkinReading reading(Map<Zone, Lab> colours, Trust trust, LightFigures light) {
        List<ZoneReading> zones = new ArrayList<>();
        colours.forEach((zone, lab) ->
                zones.add(new ZoneReading(zone, lab, 1, new ZoneSample(new double[3], 0, 100, 0, 0, 0, 0))));
        return new SkinReading(
                trust, new Calibration.Quality(24, 0, 0.3, 1, 0), zones, List.of(), List.of(), light, List.of());
    }

    /** Returns skin of a depth whose hue leans by so many degrees. */
    public static Lab leaning(double l, double lean) {
        Lab usual = ReferenceCurve.at(l);
        return Lab.ofLch(l, usual.chroma(), usual.hueDegrees() + lean);
    }
}
