package scree.app.place;

import java.util.List;
import scree.app.look.PictureFrame;
import scree.core.colour.Lab;
import scree.core.placement.PlacedZone;

/** What the Place page shows, with all geometry done. */
record PlaceView(
        PictureFrame picture,
        int version,
        boolean pale,
        List<ZoneShape> zones,
        List<Tag> tags,
        List<FamilyStone> families,
        Chosen chosen,
        List<CautionRow> cautions,
        List<KeptOffRow> keptOff,
        String aim,
        List<School> schools,
        String skinNote,
        boolean asLastTime,
        String brokenSkin,
        boolean undoable,
        boolean redoable) {
    /** Returns whether a zone may lie on hair. */
    public boolean anyUnsure() {
        return zones.stream().anyMatch(ZoneShape::unsure);
    }

    static final int WIDTH = 606;
    static final int HEIGHT = 676;
    private static final double PALE_FROM = 72;

    /** One zone on the picture. */
    record ZoneShape(
            String key,
            String family,
            String label,
            List<String> edges,
            List<Wash> washes,
            double blur,
            String blend,
            boolean chosen,
            boolean edited,
            boolean unsure,
            String way,
            List<String> stops,
            List<HandleAt> handles) {}

    /** The film's colour as it changes the skin, along a stroke. */
    record Wash(
            String id, String path, String colour, double x1, double y1, double x2, double y2, List<Amount> amounts) {}

    /** How much lies at a share of the stroke. */
    record Amount(int at, double opacity) {}

    /** A point by which a zone is drawn. */
    record HandleAt(int index, double x, double y) {}

    /** A number in the margin with its leader. */
    record Tag(
            String key,
            int number,
            String name,
            double x,
            double y,
            double toX,
            double toY,
            boolean left,
            boolean chosen) {}

    /** One family's stone. */
    record FamilyStone(String key, String name, int count, boolean on, String colour, boolean dark) {}

    /** The zone whose why is shown. */
    record Chosen(
            String key,
            String area,
            String side,
            String kicker,
            String title,
            String product,
            String amount,
            String tilt,
            String judgement,
            boolean caution,
            List<String> reasons,
            int strength,
            String strengthWords,
            boolean edited,
            String editedBy,
            Sought sought,
            List<Other> others,
            String otherWay,
            String otherWayField,
            String otherWayValue,
            String next,
            List<Stratum> strata) {}

    /** What to look for where the kit has nothing. */
    record Sought(String words, String colour) {}

    /** Another product that could do it. */
    record Other(long id, String name, String stone, String colour, String words, boolean chosen) {}

    /** A layer of the cross-section. */
    record Stratum(String path, String colour, String name, double middle, boolean strong) {}

    /** What the craft leaves out on this face, with the tap that has it all the same where there is one. */
    record KeptOffRow(String area, String why, String insist) {}

    /** What should be looked at, with its remedy. */
    record CautionRow(String words, String remedy, String area, String side, String remedyKey) {}

    /** One school as a row of choices. */
    record School(String field, String name, List<Choice> choices) {}

    /** One choice of a school. */
    record Choice(String value, String name, boolean chosen) {}

    static String key(PlacedZone zone) {
        return zone.area() + "." + zone.side();
    }

    // ---- building ----

    static PlaceView of(
            TakenPlan plan,
            PictureFrame frame,
            String wanted,
            String baseName,
            Lab baseColour,
            String broken,
            PlaceWords w) {
        PlaceDrawing b = new PlaceDrawing(plan, frame, w);
        WorkedZone chosen = b.chosen(wanted);
        return new PlaceView(
                frame,
                plan.seq(),
                plan.known().skin().skin().lightness() > PALE_FROM,
                b.zones(chosen),
                b.tags(chosen),
                b.families(),
                chosen == null ? null : b.why(chosen, baseName, baseColour),
                b.cautions(),
                b.keptOff(),
                w.say("aim." + plan.sheet().method().aim()),
                Schools.of(plan.sheet().method(), w),
                switch (plan.known().read()) {
                    case READ -> null;
                    case PROVISIONAL -> w.say("place.skinProvisional");
                    case SUPPOSED -> w.say("place.skinSupposed");
                },
                plan.asLastTime(),
                broken == null || broken.isBlank() ? null : w.say("place.broken", broken),
                plan.undoable(),
                plan.redoable());
    }
}
