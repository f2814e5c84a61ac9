package scree.core.shade;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import scree.core.method.Occasion;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.skin.SkinType;
import scree.core.skin.Texture;

/** Whether coverage, finish and form of a base suit the client's wish, skin and day. Craft rules, each with its reason. */
public final class Wear {
    /** From so many hours a day counts as long. House choice: half a working day and an evening. */
    static final int LONG_HOURS = 8;

    private Wear() {}

    /**
     * What is asked of a base beside its colour.
     *
     * @param coverage wished, or null
     * @param finish wished, or null
     * @param skin types found on the face, any number
     * @param textures found by fingers and eye
     * @param freckles whether they are to be kept
     * @param heavyContour whether a heavy cream contour is planned over it
     */
    public record Wish(
            Coverage coverage,
            Finish finish,
            Set<SkinType> skin,
            Set<Texture> textures,
            boolean freckles,
            boolean heavyContour,
            Day day) {
        public Wish {
            skin = Set.copyOf(skin);
            textures = Set.copyOf(textures);
        }

        public static Wish none() {
            return new Wish(null, null, Set.of(), Set.of(), false, false, Day.OPEN);
        }

        /** Returns whether freckles and contour ask for opposite things. */
        public boolean quarrels() {
            return freckles && heavyContour;
        }
    }

    /**
     * What it has to bear.
     *
     * @param occasion or null while it was not asked
     * @param flash whether flash is used
     * @param hours it has to last, 0 when unknown
     */
    public record Day(Occasion occasion, boolean flash, int hours) {
        /** Nothing was asked yet. */
        public static final Day OPEN = new Day(null, false, 0);

        boolean lasts() {
            return hours >= LONG_HOURS;
        }

        boolean underLamps() {
            return occasion != null && occasion.underLamps();
        }
    }

    /** Reasons. NOTE speaks for or beside, CHECK against. */
    public enum Code {
        COVERS_FRECKLES,
        LETS_FRECKLES_SHOW,
        TOO_THIN_FOR_CONTOUR,
        THINNER_THAN_WISHED,
        FULLER_THAN_WISHED,
        OTHER_FINISH,
        POWDER_CLINGS,
        MATTE_ON_DRY,
        MOIST_ON_DRY,
        DEWY_ON_OILY,
        RICH_ON_OILY,
        MATTE_ON_OILY,
        DEWY_ON_T_ZONE,
        POWDER_IN_LINES,
        SHINE_ON_TEXTURE,
        SHEER_FOR_CAMERA,
        DEWY_ALL_DAY,
        POWDER_AND_FLASH
    }

    /** Returns what speaks for and against, strongest first; empty when nothing does. */
    public static List<Reason> of(Coverage coverage, Finish finish, Form form, Wish wish) {
        List<Reason> reasons = new ArrayList<>();
        coverage(coverage, wish, reasons);
        if (wish.finish() != null && wish.finish() != finish) {
            reasons.add(Reason.note(Code.OTHER_FINISH));
        }
        skin(finish, form, wish, reasons);
        textures(finish, form, wish, reasons);
        day(coverage, finish, form, wish, reasons);
        reasons.sort((a, b) -> b.severity().compareTo(a.severity()));
        return reasons;
    }

    private static void coverage(Coverage coverage, Wish wish, List<Reason> reasons) {
        boolean sheer = coverage == Coverage.SHEER;
        if (wish.freckles()) {
            reasons.add(sheer ? Reason.note(Code.LETS_FRECKLES_SHOW) : Reason.check(Code.COVERS_FRECKLES));
        }
        if (wish.heavyContour() && sheer) {
            reasons.add(Reason.check(Code.TOO_THIN_FOR_CONTOUR));
        }
        if (wish.coverage() != null && !wish.freckles()) {
            int off = coverage.compareTo(wish.coverage());
            Code code = off < 0 ? Code.THINNER_THAN_WISHED : Code.FULLER_THAN_WISHED;
            if (off != 0) {
                reasons.add(Math.abs(off) > 1 ? Reason.check(code) : Reason.note(code));
            }
        }
    }

    private static void skin(Finish finish, Form form, Wish wish, List<Reason> reasons) {
        boolean dewy = finish == Finish.DEWY || finish == Finish.SHEEN;
        boolean powder = form == Form.POWDER;
        if (wish.skin().contains(SkinType.DRY)) {
            if (powder) {
                reasons.add(Reason.check(Code.POWDER_CLINGS));
            } else if (finish == Finish.MATTE) {
                reasons.add(Reason.check(Code.MATTE_ON_DRY));
            } else if (dewy || form == Form.CREAM) {
                reasons.add(Reason.note(Code.MOIST_ON_DRY));
            }
        }
        if (wish.skin().contains(SkinType.OILY)) {
            if (dewy) {
                reasons.add(Reason.check(Code.DEWY_ON_OILY));
            } else if (form == Form.CREAM || form == Form.STICK) {
                reasons.add(Reason.note(Code.RICH_ON_OILY));
            } else if (finish == Finish.MATTE) {
                reasons.add(Reason.note(Code.MATTE_ON_OILY));
            }
        } else if (wish.skin().contains(SkinType.COMBINATION) && dewy) {
            reasons.add(Reason.note(Code.DEWY_ON_T_ZONE));
        }
    }

    private static void textures(Finish finish, Form form, Wish wish, List<Reason> reasons) {
        Set<Texture> t = wish.textures();
        boolean lined = t.contains(Texture.FINE_LINES) || t.contains(Texture.CREPE) || t.contains(Texture.DRY_PATCH);
        if (lined && form == Form.POWDER) {
            reasons.add(Reason.check(Code.POWDER_IN_LINES));
        }
        boolean raised = t.contains(Texture.OPEN_PORES) || t.contains(Texture.RAISED_BLEMISH);
        if (raised && (finish == Finish.DEWY || finish == Finish.SHEEN)) {
            reasons.add(Reason.check(Code.SHINE_ON_TEXTURE));
        }
    }

    private static void day(Coverage coverage, Finish finish, Form form, Wish wish, List<Reason> reasons) {
        if (wish.day().underLamps() && coverage == Coverage.SHEER && !wish.freckles()) {
            reasons.add(Reason.note(Code.SHEER_FOR_CAMERA));
        }
        if (wish.day().lasts() && finish == Finish.DEWY) {
            reasons.add(Reason.note(Code.DEWY_ALL_DAY));
        }
        if (wish.day().flash() && form == Form.POWDER) {
            reasons.add(Reason.note(Code.POWDER_AND_FLASH));
        }
    }

    /** What a reason against it costs in ΔE00. House choice: a whole class of nearness for two of them. */
    static final double AGAINST = 0.5;
    /** What an unmet wish costs; four of them tip a base at 2.5 behind one at 2.9 that meets all, not behind one at 4. House choice. */
    private static final double CLASS_OF_COVERAGE = .40;

    private static final double FINISH = .30;
    private static final double HOURS = .30;
    private static final double FLASH = .30;
    private static final double FORM = .25;
    private static final double CAMERA = .25;
    private static final double MOST_UNMET = 2.0;

    /** Returns what one reason costs in ΔE00, 0 where it speaks for the base. */
    static double cost(Reason reason) {
        double unmet = switch ((Code) reason.code()) {
            case THINNER_THAN_WISHED, FULLER_THAN_WISHED ->
                CLASS_OF_COVERAGE * (reason.severity() == Severity.NOTE ? 1 : 2);
            case OTHER_FINISH -> FINISH;
            case DEWY_ALL_DAY -> HOURS;
            case POWDER_AND_FLASH -> FLASH;
            case RICH_ON_OILY, DEWY_ON_T_ZONE -> FORM;
            case SHEER_FOR_CAMERA -> CAMERA;
            case LETS_FRECKLES_SHOW, MOIST_ON_DRY, MATTE_ON_OILY -> 0;
            case COVERS_FRECKLES,
                    TOO_THIN_FOR_CONTOUR,
                    POWDER_CLINGS,
                    MATTE_ON_DRY,
                    DEWY_ON_OILY,
                    POWDER_IN_LINES,
                    SHINE_ON_TEXTURE -> AGAINST;
        };
        return reason.severity() == Severity.NOTE ? unmet : Math.max(AGAINST, unmet);
    }

    /** Returns what all reasons cost together: each against, and wishes unmet up to a limit. */
    static double cost(List<Reason> reasons) {
        double against = 0;
        double unmet = 0;
        for (Reason r : reasons) {
            if (r.severity() == Severity.NOTE) {
                unmet += cost(r);
            } else {
                against += cost(r);
            }
        }
        return against + Math.min(MOST_UNMET, unmet);
    }
}
