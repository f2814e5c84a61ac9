package scree.app.skin;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import scree.app.look.PebbleField;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.shade.FieldPlace;
import scree.core.skin.MatchTarget;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinReading;
import scree.core.skin.Zone;
import scree.core.skin.ZoneReading;

/**
 * The zones of a face in the field of depth and hue, and beside it the column of all depths.
 *
 * @param ticks of depth
 * @param ring round what is matched
 * @param bracketTop upper end of the stretch of the column that the field shows, px
 * @param bracketBottom its lower end, px
 */
record SkinField(
        List<PebbleField.Tick> ticks,
        List<PebbleField.Stone> stones,
        List<PebbleField.Label> labels,
        double usualX,
        String ring,
        List<Swatch> all,
        double bracketTop,
        double bracketBottom) {
    private static final double WIDTH = 264;
    private static final double HEIGHT = 202;
    private static final Set<Zone> SMALL = EnumSet.of(Zone.LID, Zone.AROUND_NOSE, Zone.UPPER_LIP, Zone.AROUND_MOUTH);
    /** Spans of the field, L* and degrees to either side: least, most, and room past the furthest zone. */
    private static final double LEAST_DEPTH = 5;

    private static final double MOST_DEPTH = 12;
    private static final double LEAST_HUE = 10;
    private static final double MOST_HUE = 24;
    private static final double DEPTH_FACTOR = 1.2;
    private static final double DEPTH_ROOM = .6;
    private static final double HUE_FACTOR = 1.25;
    private static final double HUE_ROOM = 1;
    /** The column: so many stones from the lightest down, L* apart; the bracket reaches so far to either side. */
    private static final int DEPTHS = 13;

    private static final double LIGHTEST = 78;
    private static final double APART = 4;
    private static final double BRACKET = 5;
    private static final double STEP = HEIGHT / DEPTHS;
    private static final double RING = 21;
    private static final double STONE = 12;
    private static final double DEPTH_STONE = 6.6;
    private static final Stones STONES = new Stones();

    /** One stone of the column of all depths. */
    record Swatch(String path, String colour) {}

    static SkinField of(SkinReading skin, MatchTarget target, SkinWords words) {
        FieldPlace middle = FieldPlace.of(target.colour());
        double depth = LEAST_DEPTH;
        double hue = LEAST_HUE;
        for (ZoneReading z : skin.zones()) {
            FieldPlace p = FieldPlace.of(z.colour());
            depth = Math.max(depth, DEPTH_FACTOR * Math.abs(p.lightness() - middle.lightness()) + DEPTH_ROOM);
            hue = Math.max(hue, HUE_FACTOR * Math.abs(p.lean() - middle.lean()) + HUE_ROOM);
        }
        PebbleField field =
                new PebbleField(WIDTH, HEIGHT, middle, Math.min(hue, MOST_HUE), Math.min(depth, MOST_DEPTH));
        field.place(shades(skin, words), STONE, STONE);
        return new SkinField(
                field.ticks(2),
                field.stones(),
                field.labels(),
                field.usualX(),
                STONES.pebble("ring", WIDTH / 2, HEIGHT / 2, RING),
                depths(),
                inColumn(middle.lightness() + BRACKET),
                inColumn(middle.lightness() - BRACKET));
    }

    private static List<PebbleField.Shade> shades(SkinReading skin, SkinWords words) {
        return skin.zones().stream()
                .filter(z -> !SMALL.contains(z.zone()))
                .map(z -> new PebbleField.Shade(
                        "zone-" + z.zone(),
                        words.say("zone." + z.zone()),
                        Srgb.hex(z.colour()),
                        FieldPlace.of(z.colour()),
                        0,
                        null,
                        true,
                        null,
                        words.say("zone." + z.zone())))
                .toList();
    }

    private static List<Swatch> depths() {
        List<Swatch> all = new ArrayList<>();
        for (int i = 0; i < DEPTHS; i++) {
            Lab usual = ReferenceCurve.at(LIGHTEST - APART * i);
            all.add(new Swatch(
                    STONES.pebble("depth-" + i, 10, inColumn(LIGHTEST - APART * i), DEPTH_STONE), Srgb.hex(usual)));
        }
        return all;
    }

    /** Returns where a lightness lies in the column, px. */
    private static double inColumn(double lightness) {
        return STEP * (.5 + (LIGHTEST - lightness) / APART);
    }
}
