package scree.app.colour;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import scree.app.kit.Product;
import scree.app.look.PictureFrame;
import scree.core.colour.Srgb;
import scree.core.harmony.ColourFamily;
import scree.core.harmony.Harmony;
import scree.core.harmony.Part;
import scree.core.judge.Looks;
import scree.core.judge.RoleWish.LipLook;
import scree.core.placement.FacePaint.Eyes;
import scree.core.placement.FacePaint.Lips;

/** What the Colour page shows, with all geometry done. */
record ColourView(
        PictureFrame picture,
        int version,
        String verdict,
        List<String> why,
        List<FamilyRow> rows,
        boolean two,
        List<PartRow> parts,
        List<Switch> switches,
        int turn,
        String layer,
        String edge,
        boolean undoable,
        boolean redoable) {
    static final int WIDTH = 606;
    static final int HEIGHT = 676;
    private static final double DARK = 52;

    /** Families of one part, or of cheeks and lips together. */
    record FamilyRow(String part, String name, List<FamilyStone> stones) {}

    /** A family as a stone: lips and cheeks as they would look. */
    record FamilyStone(
            String family,
            String name,
            String words,
            String lip,
            String cheek,
            boolean fits,
            boolean chosen,
            String id) {}

    /** What a part wears. */
    record PartRow(
            String part,
            String name,
            String product,
            String amount,
            String colour,
            boolean dark,
            String stone,
            String caution,
            String missing,
            boolean off,
            boolean byHand,
            List<Other> others,
            Unsaid unsaid) {}

    /** What was left out because nobody said that it is safe at the eye, and where to say it. */
    record Unsaid(String words, long first) {}

    /** Another product that would look right too. */
    record Other(long id, String name, String colour, String stone, boolean chosen) {}

    /** A choice of ways. */
    record Switch(String field, String name, List<Choice> choices) {}

    record Choice(String value, String name, boolean chosen) {}

    static ColourView of(TakenColour t, PictureFrame frame, ColourWords w) {
        ColourSheet s = t.sheet();
        TakenColour.Pick lip = t.picks().get(Part.LIP);
        return new ColourView(
                frame,
                t.seq(),
                verdict(t, w),
                lip == null
                        ? t.picks().containsKey(Part.CHEEK)
                                ? t.picks().get(Part.CHEEK).why().stream()
                                        .map(w::why)
                                        .toList()
                                : List.of()
                        : lip.why().stream().map(w::why).toList(),
                rows(t, w),
                s.two(),
                Arrays.stream(Part.values()).map(p -> part(t, p, w)).toList(),
                List.of(
                        choices("look", LipLook.values(), s.look(), w),
                        choices("lips", Lips.values(), s.lips(), w),
                        choices("eyes", Eyes.values(), s.eyes(), w)),
                s.turn(),
                t.layer() == null
                        ? s.turn() == 0 || lip == null ? null : w.say("colour.layer.none")
                        : w.say(
                                t.layer().turn().turn() < 0 ? "colour.layer.cools" : "colour.layer.warms",
                                t.layer().product().fullName(),
                                w.say("amount."
                                        + scree.core.shade.Amount.of(
                                                t.layer().turn().coats())),
                                Math.round(Math.abs(t.layer().turn().turn()))),
                s.lips() == Lips.NATURAL || lip == null
                        ? null
                        : t.edge() == null
                                ? w.say("colour.edge.none")
                                : w.say("colour.edge", t.edge().fullName()),
                t.undoable(),
                t.redoable());
    }

    private static String verdict(TakenColour t, ColourWords w) {
        ColourFamily lip = t.family(Part.LIP);
        ColourFamily cheek = t.family(Part.CHEEK);
        if (lip == null && cheek == null) {
            return w.say("colour.verdict.none");
        }
        if (lip == null || cheek == null) {
            return w.say(
                    lip == null ? "colour.verdict.cheek" : "colour.verdict.lip", w.family(lip == null ? cheek : lip));
        }
        return lip == cheek
                ? w.say("colour.verdict.one", w.family(lip))
                : w.say("colour.verdict.two", w.family(lip), w.family(cheek).toLowerCase(w.locale()));
    }

    private static List<FamilyRow> rows(TakenColour t, ColourWords w) {
        if (!t.sheet().two()) {
            return List.of(row(t, Part.LIP, w.say("colour.families"), true, w));
        }
        return List.of(row(t, Part.LIP, w.part(Part.LIP), false, w), row(t, Part.CHEEK, w.part(Part.CHEEK), false, w));
    }

    private static FamilyRow row(TakenColour t, Part part, String name, boolean both, ColourWords w) {
        List<FamilyStone> stones = new ArrayList<>();
        for (ColourFamily f : ColourFamily.values()) {
            Harmony.Option<Product> lip = t.options().get(Part.LIP).get(f.ordinal());
            Harmony.Option<Product> cheek = t.options().get(Part.CHEEK).get(f.ordinal());
            Harmony.Option<Product> first = part == Part.LIP ? lip : cheek;
            boolean fits = both
                    ? lip.best().isPresent() && cheek.best().isPresent()
                    : first.best().isPresent();
            Looks looks = both && lip.looks() == Looks.FITS ? cheek.looks() : first.looks();
            stones.add(new FamilyStone(
                    f.name(),
                    w.family(f),
                    w.pulls(looks),
                    colour(part == Part.CHEEK ? cheek : lip),
                    both ? colour(cheek) : null,
                    fits,
                    t.family(part) == f && (!both || t.family(Part.CHEEK) == f || t.family(Part.CHEEK) == null),
                    "colour-" + part + f));
        }
        return new FamilyRow(part.name(), name, stones);
    }

    private static String colour(Harmony.Option<Product> o) {
        return o.result() == null ? null : Srgb.hex(o.result());
    }

    private static PartRow part(TakenColour t, Part part, ColourWords w) {
        boolean off = t.sheet().off().contains(part);
        TakenColour.Pick p = t.picks().get(part);
        if (p == null) {
            return new PartRow(
                    part.name(),
                    w.part(part),
                    null,
                    null,
                    "none",
                    false,
                    "colour-none-" + part,
                    null,
                    off
                            ? w.say("colour.off")
                            : w.sought(part, t.nothing().getOrDefault(part, java.util.Optional.empty())),
                    off,
                    false,
                    List.of(),
                    unsaid(t, part, w));
        }
        return new PartRow(
                part.name(),
                w.part(part),
                p.product().fullName(),
                w.amount(p),
                Srgb.hex(p.result()),
                p.result().lightness() < DARK,
                p.product().stoneId(),
                p.looks() == Looks.FITS ? null : w.say("judge.not", w.say("looks." + p.looks())),
                null,
                false,
                p.byHand(),
                p.others().stream()
                        .map(o -> new Other(
                                o.id(),
                                o.fullName(),
                                Srgb.hex(o.settled()),
                                o.stoneId(),
                                o.id() == p.product().id()))
                        .toList(),
                unsaid(t, part, w));
    }

    private static Unsaid unsaid(TakenColour t, Part part, ColourWords w) {
        List<Product> left = t.unsaid().get(part);
        return left.isEmpty()
                ? null
                : new Unsaid(
                        w.say(
                                left.size() == 1 ? "colour.unsaid.one" : "colour.unsaid.more",
                                left.get(0).fullName(),
                                left.size() - 1),
                        left.get(0).id());
    }

    private static Switch choices(String field, Enum<?>[] all, Enum<?> now, ColourWords w) {
        return new Switch(
                field,
                w.say("colour." + field),
                Arrays.stream(all)
                        .map(v -> new Choice(v.name(), w.say("colour." + field + "." + v), v == now))
                        .toList());
    }
}
