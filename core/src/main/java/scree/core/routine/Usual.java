package scree.core.routine;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.skin.SkinType;

/** What a sitting usually asks for where nobody said otherwise. Cited, the craft's preparation and setting; docs/method.md. */
public final class Usual {
    /** A dry lid powder deeper than this shows where it falls, L*. House choice. */
    private static final double FALL_SHOWS = 45;

    private Usual() {}

    /** Returns primers by zone: moist where skin is dry, filling where pores are open, matt where it shines. */
    public static List<Needs.Primer> primers(SkinType skin, boolean openPores) {
        List<Needs.Primer> all = new ArrayList<>();
        if (skin == SkinType.DRY || skin == SkinType.NORMAL) {
            all.add(Needs.Primer.HYDRATE);
        }
        if (openPores) {
            all.add(Needs.Primer.PORES);
        }
        if (skin == SkinType.COMBINATION || skin == SkinType.OILY) {
            all.add(Needs.Primer.MATTE);
        }
        return all;
    }

    /** Returns the spray: long wear for a long day, matt where skin shines, hydrating else. */
    public static Needs.Spray spray(SkinType skin, boolean longDay) {
        if (longDay) {
            return Needs.Spray.LONG;
        }
        return skin == SkinType.OILY || skin == SkinType.COMBINATION ? Needs.Spray.MATTE : Needs.Spray.HYDRATING;
    }

    /** Returns whether serum goes under the moisture: dry skin and long days ask for it. */
    public static boolean serum(SkinType skin, boolean longDay) {
        return skin == SkinType.DRY || longDay;
    }

    /** Returns whether a lid product sheds powder that is seen under the eye. */
    public static boolean falls(Form form, Lab settled) {
        return form == Form.POWDER && settled.lightness() < FALL_SHOWS;
    }
}
