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

    /** Returns how many of these speak against it. */
    static int against(List<Reason> reasons) {
        return (int) reasons.stream().filter(r -> r.severity() != Severity.NOTE).count();
    }
}
