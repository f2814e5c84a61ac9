package scree.app.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.image.SheetLayout;
import scree.core.swatch.FieldRead;
import scree.core.swatch.SheetReading;
import scree.core.swatch.Swatched;

/**
 * A sheet as its page shows it.
 *
 * @param title what can be done now, in a sentence
 * @param promise what the light allows, or null before the first picture
 * @param cells the twelve fields
 * @param ready numbers of the fields that can be taken now, with commas
 */
record SheetView(
        long id,
        int number,
        String title,
        String promise,
        Shot wet,
        Shot settled,
        List<Cell> cells,
        Detail detail,
        List<Integer> ready) {

    /** A picture that was read; null stands for none. */
    record Shot(long id, String when) {}

    /**
     * One field.
     *
     * @param paper colour of the bare paper
     * @param print colour of the bare print
     * @param stones the coats as they lie: just laid, settled, or the only one
     * @param state empty, good, thin, bad or taken
     * @param thick number of the field whose product lies here thick, or null
     */
    record Cell(
            int number,
            String name,
            String paper,
            String print,
            List<Lying> stones,
            String state,
            String word,
            Integer thick,
            boolean chosen) {}

    /** A coat over both grounds. */
    record Lying(String path, String overPaper, String overPrint) {}

    /**
     * The chosen field in full.
     *
     * @param sentence what came of it
     * @param named whether it is known what lies here
     * @param swatched what was read, or null
     * @param stored what the kit has of it, or null for a new one
     */
    record Detail(
            int number,
            String name,
            List<Said> said,
            boolean named,
            Measured swatched,
            Stored stored,
            SheetField field,
            boolean pairs,
            Integer thickOf,
            boolean taken) {}

    /** What one picture says of the field. */
    record Said(String stage, String words, boolean good) {}

    /** What was read of a product. */
    record Measured(
            String wet, String settled, String stone, String cover, String doubt, String drying, String figures) {}

    /** What the kit has of it. */
    record Stored(long id, String name, String colour, String stone, String off) {}

    /** A move that rounds to nothing is none. */
    private static final double SHOWN = .05;

    private static final double MIDDLE_Y = 42;
    private static final double FIRST_X = 48;
    private static final double SECOND_X = 108;
    private static final double ONLY_X = 78;
    private static final double RADIUS = 24;
    private static final String BARE_PAPER = "#F4F4F4";
    private static final String BARE_PRINT = "#3A3A3A";
    private static final Stones STONES = new Stones();

    static SheetView of(Sheets.Laid laid, int chosen, String wetWhen, String settledWhen, SheetWords words) {
        List<Cell> cells = new ArrayList<>();
        List<Integer> ready = new ArrayList<>();
        for (int n = 1; n <= SheetLayout.FIELDS; n++) {
            cells.add(cell(laid, n, n == chosen, words));
            SheetField f = laid.fields().get(n);
            if (f != null
                    && f.named()
                    && f.takenAt() == null
                    && laid.swatched(f).isPresent()) {
                ready.add(n);
            }
        }
        return new SheetView(
                laid.sheet().id(),
                laid.sheet().number(),
                title(laid, ready, words),
                words.promise(laid.newest()),
                laid.wet().map(p -> new Shot(p.id(), wetWhen)).orElse(null),
                laid.settled().map(p -> new Shot(p.id(), settledWhen)).orElse(null),
                cells,
                detail(laid, chosen, words),
                ready);
    }

    private static String title(Sheets.Laid laid, List<Integer> ready, SheetWords words) {
        if (laid.newest().isEmpty()) {
            return words.say("sheet.title.print");
        }
        long good = laid.newest().orElseThrow().fields().stream()
                .filter(f -> f.verdict().good())
                .count();
        if (!ready.isEmpty()) {
            return words.say("sheet.title.ready", ready.size());
        }
        long taken =
                laid.fields().values().stream().filter(f -> f.takenAt() != null).count();
        return taken > 0 ? words.say("sheet.title.taken", taken) : words.say("sheet.title.name", good);
    }

    private static Cell cell(Sheets.Laid laid, int n, boolean chosen, SheetWords words) {
        Optional<FieldRead> wet = laid.wet().map(p -> p.field(n));
        Optional<FieldRead> settled = laid.settled().map(p -> p.field(n));
        Optional<FieldRead> newest = settled.or(() -> wet);
        Optional<SheetField> thickOf = laid.thickOf(n);
        SheetField field = laid.fields().get(n);
        boolean byThick = field != null
                && field.thick()
                && newest.filter(r -> r.usualContrast() != null && r.coverKnown())
                        .isPresent();
        String state = field != null && field.takenAt() != null
                ? "taken"
                : byThick ? "good" : newest.map(SheetView::state).orElse("bare");
        return new Cell(
                n,
                field != null
                        ? name(laid, field)
                        : thickOf.map(f -> name(laid, f)).orElse(null),
                laid.newest().map(p -> Srgb.hex(p.paper())).orElse(BARE_PAPER),
                laid.newest().map(p -> Srgb.hex(p.print())).orElse(BARE_PRINT),
                stones(laid, n, wet, settled),
                state,
                newest.map(r -> words.say(
                                state.equals("taken")
                                        ? "sheet.word.TAKEN"
                                        : byThick ? "sheet.word.byThick" : "sheet.word." + r.verdict()))
                        .orElse(""),
                thickOf.map(SheetField::number).orElse(null),
                chosen);
    }

    private static String state(FieldRead read) {
        return read.verdict().good()
                ? "good"
                : read.verdict() == SheetReading.Verdict.EMPTY
                        ? "bare"
                        : read.verdict() == SheetReading.Verdict.THIN ? "thin" : "bad";
    }

    private static List<Lying> stones(Sheets.Laid laid, int n, Optional<FieldRead> wet, Optional<FieldRead> settled) {
        List<Lying> stones = new ArrayList<>();
        boolean both = wet.filter(r -> r.colour() != null).isPresent()
                && settled.filter(r -> r.colour() != null).isPresent();
        wet.filter(r -> r.colour() != null)
                .ifPresent(r -> stones.add(lying(n, r, laid.wet().orElseThrow(), both ? FIRST_X : ONLY_X)));
        settled.filter(r -> r.colour() != null)
                .ifPresent(r -> stones.add(lying(n, r, laid.settled().orElseThrow(), both ? SECOND_X : ONLY_X)));
        return stones;
    }

    private static Lying lying(int n, FieldRead read, SheetPicture picture, double x) {
        return new Lying(
                STONES.pebble("field-" + n, x, MIDDLE_Y, RADIUS),
                Srgb.hex(read.over(picture.paper())),
                Srgb.hex(read.over(picture.print())));
    }

    private static String name(Sheets.Laid laid, SheetField field) {
        if (field.productId() != null) {
            return laid.products().get(field.productId()).fullName();
        }
        String line = field.line() == null ? "" : field.line();
        return (line + " " + (field.name() == null ? "" : field.name())).strip();
    }

    private static Detail detail(Sheets.Laid laid, int n, SheetWords words) {
        SheetField field = laid.fields().get(n);
        List<Said> said = new ArrayList<>();
        boolean beside = field != null && field.thick();
        laid.wet().ifPresent(p -> said.add(said(p, n, beside, words)));
        laid.settled().ifPresent(p -> said.add(said(p, n, beside, words)));
        if (said.size() == 2 && said.get(0).words().equals(said.get(1).words())) {
            said.set(
                    0,
                    new Said(
                            words.say("sheet.stage.both"),
                            said.get(0).words(),
                            said.get(0).good()));
            said.remove(1);
        }
        Optional<Swatched> swatched = Optional.ofNullable(field).flatMap(laid::swatched);
        Optional<Product> stored = Optional.ofNullable(field)
                .map(SheetField::productId)
                .map(id -> laid.products().get(id));
        boolean pairs = n % 2 == 1
                && field != null
                && Sheets.inPairs(stored.map(Product::role).orElse(field.role()));
        return new Detail(
                n,
                field == null ? null : name(laid, field),
                said,
                field != null && field.named(),
                swatched.map(s -> measured(s, field, words)).orElse(null),
                stored.map(p -> stored(p, swatched)).orElse(null),
                field,
                pairs,
                laid.thickOf(n).map(SheetField::number).orElse(null),
                field != null && field.takenAt() != null);
    }

    private static Said said(SheetPicture picture, int n, boolean beside, SheetWords words) {
        FieldRead read = picture.field(n);
        boolean told = beside && read.usualContrast() != null && read.coverKnown();
        return new Said(
                words.say("sheet.stage." + picture.stage()),
                told ? words.say("sheet.verdict.byThick", Sheets.partner(n)) : words.verdict(read),
                told || read.verdict().good());
    }

    private static Measured measured(Swatched s, SheetField field, SheetWords words) {
        return new Measured(
                Srgb.hex(s.wet()),
                Srgb.hex(s.settled()),
                STONES.pebble("field-" + field.number(), 44, 40, 32),
                words.cover(s.contrast()),
                words.doubt(s.doubt()),
                words.drying(s),
                figures(s.settled()));
    }

    private static Stored stored(Product p, Optional<Swatched> swatched) {
        return new Stored(
                p.id(),
                p.fullName(),
                Srgb.hex(p.settled()),
                STONES.pebble(p.stoneId(), 44, 40, 32),
                swatched.map(s -> s.settled().differenceFrom(p.settled()))
                        .filter(off -> off >= SHOWN)
                        .map(Figures::one)
                        .orElse(null));
    }

    private static String figures(Lab c) {
        return "L* " + Figures.one(c.lightness()) + "  a* " + Figures.one(c.a()) + "  b* " + Figures.one(c.b());
    }
}
