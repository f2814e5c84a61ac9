package scree.core.routine;

import java.util.List;
import java.util.Map;
import java.util.Set;
import scree.core.method.Occasion;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.shade.Coverage;
import scree.core.shade.Form;
import scree.core.skin.SkinType;

/**
 * What a sitting asks for, as the stages before handed it over.
 *
 * @param base null where none is worn
 * @param areas of the plan with their strength, 0 to 1.3
 * @param forms in which families of colour are laid; cream where nothing is said
 */
public record Needs(
        Skin skin,
        Care care,
        Correction correction,
        Base base,
        Map<Area, Double> areas,
        Map<Family, Laid> forms,
        Finish finish,
        Event event,
        Way way) {
    public Needs {
        areas = Map.copyOf(areas);
        forms = Map.copyOf(forms);
    }

    /**
     * The skin.
     *
     * @param broken zones of broken skin: no step works there
     */
    public record Skin(SkinType type, boolean creped, Set<WorkZone> broken) {
        public Skin {
            broken = Set.copyOf(broken);
        }

        boolean dry() {
            return type == SkinType.DRY;
        }

        boolean oily() {
            return type == SkinType.OILY;
        }
    }

    /** A primer. */
    public enum Primer {
        HYDRATE,
        PORES,
        MATTE
    }

    /**
     * What is done before colour.
     *
     * @param soften zone of a dry crust on closed skin, or null
     */
    public record Care(
            boolean cleanse,
            boolean tone,
            WorkZone soften,
            boolean serum,
            boolean eyeCream,
            boolean sunCare,
            List<Primer> primers) {
        public Care {
            primers = List.copyOf(primers);
        }

        /** Returns cleansing and eye cream. */
        public static Care usual() {
            return new Care(true, false, null, false, true, false, List.of());
        }
    }

    /**
     * What is corrected and covered.
     *
     * @param zones to be corrected
     * @param red those of them that are red; the others are brown, or dark under the eye
     * @param heavy zone of a heavy cover, or null
     * @param coats of it, 2 or 3
     * @param cover zones of a cover at skin depth over the base
     * @param spots zones with a spot to be covered last
     */
    public record Correction(
            Set<WorkZone> zones,
            Set<WorkZone> red,
            WorkZone heavy,
            int coats,
            Set<WorkZone> cover,
            List<WorkZone> spots) {
        public Correction {
            zones = Set.copyOf(zones);
            red = Set.copyOf(red);
            cover = Set.copyOf(cover);
            spots = List.copyOf(spots);
        }

        public static Correction none() {
            return new Correction(Set.of(), Set.of(), null, 0, Set.of(), List.of());
        }
    }

    /**
     * The base.
     *
     * @param twoShades a deeper one outside
     * @param neck whether what is left goes down the neck
     */
    public record Base(Form form, Coverage coverage, boolean twoShades, boolean neck) {}

    /** How a family is laid. */
    public enum Laid {
        CREAM,
        POWDER,
        /** Cream, and powder of the same colour over it. */
        BOTH
    }

    /** Setting spray. */
    public enum Spray {
        NONE,
        HYDRATING,
        MATTE,
        LONG
    }

    public enum Brows {
        NONE,
        PENCIL,
        GEL,
        BOTH
    }

    public enum Lips {
        NONE,
        BALM,
        COLOUR,
        /** Stain under colour. */
        STAIN
    }

    public enum Lid {
        NONE,
        WASH,
        FULL
    }

    /**
     * Eyes.
     *
     * @param fallout whether the lid's powder falls
     * @param first whether they are done before the base
     */
    public record Eyes(
            Lid lid, boolean fallout, boolean liner, boolean curl, boolean mascara, boolean lashes, boolean first) {
        public static Eyes none() {
            return new Eyes(Lid.NONE, false, false, false, false, false, false);
        }

        boolean coloured() {
            return lid != Lid.NONE;
        }

        boolean falls() {
            return fallout && coloured();
        }
    }

    /**
     * What ends a face.
     *
     * @param left minutes that powder is left under the eyes, 0 for pressed only
     * @param body whether neck and chest are made up
     */
    public record Finish(int left, Spray spray, Brows brows, Lips lips, Eyes eyes, boolean body) {}

    /** A day is long from so many hours. House choice. */
    public static final double LONG_DAY = 8;

    /**
     * What is to come.
     *
     * @param hours that it has to hold
     * @param longFrom from so many hours on it is long
     * @param photo whether an after picture is taken; null where the length of the day decides
     */
    public record Event(Occasion occasion, double hours, Double longFrom, boolean flash, Boolean photo) {
        public Event {
            longFrom = longFrom == null ? Double.valueOf(LONG_DAY) : longFrom; // from before it could be chosen
        }

        /** Takes the usual day for long. */
        public Event(Occasion occasion, double hours, boolean flash, Boolean photo) {
            this(occasion, hours, LONG_DAY, flash, photo);
        }

        /** Returns whether the face has to hold long. */
        public boolean isLong() {
            return asksForHold() || hours >= longFrom;
        }

        private boolean asksForHold() {
            return switch (occasion) {
                case BRIDAL, STAGE, EVENING, CAMERA -> true;
                case EVERYDAY, LESSON -> false;
            };
        }

        boolean pictured() {
            return photo == null ? isLong() : photo;
        }
    }

    /** Which borders are blended first. */
    public enum Blend {
        /** The school's own. */
        USUAL,
        LIGHT_FIRST,
        LIGHT_TO_DARK,
        BOTTOM_UP
    }

    /**
     * How an artist works.
     *
     * @param oneBrush one brush for all creams, wiped between dark and light
     * @param pace minutes for a minute of the catalogue, by step
     */
    public record Way(Blend blend, boolean oneBrush, Pace pace) {
        public static Way usual() {
            return new Way(Blend.USUAL, false, Pace.usual());
        }
    }

    boolean blends(Blend blend) {
        return way.blend() == blend;
    }

    Laid form(Family family, OrderSchool school) {
        return switch (school) {
            case POWDER_ONLY -> family == Family.LIGHT ? Laid.CREAM : Laid.POWDER;
            case ONE_LAYER -> family == Family.SHEEN ? told(family) : Laid.CREAM;
            default -> told(family);
        };
    }

    Laid told(Family family) {
        return forms.getOrDefault(family, Laid.CREAM);
    }
}
