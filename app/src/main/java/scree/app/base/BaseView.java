package scree.app.base;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.context.MessageSource;
import scree.app.look.PebbleField;
import scree.app.look.Stones;
import scree.app.skin.LightWords;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.light.LightVerdict;
import scree.core.reason.Reason;
import scree.core.reason.Severity;
import scree.core.shade.DifferenceContour;
import scree.core.shade.FieldPlace;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinReading;

/** What the Base page shows, with all geometry and words done. */
record BaseView(
        String verdict,
        String provisional,
        MatchTarget.School school,
        Field field,
        List<Row> rows,
        int total,
        int shown,
        List<Stripe> stripes,
        List<Stop> gradient,
        boolean deepBed,
        Taken taken) {

    /** The pebble field. */
    record Field(
            List<PebbleField.Tick> ticks,
            List<PebbleField.Contour> contours,
            List<PebbleField.Stone> stones,
            List<PebbleField.Label> labels,
            double usualX,
            String ring,
            String skin,
            String gradient,
            double cheekX,
            double cheekY,
            double neckX,
            double neckY,
            String cheek,
            String neck) {}

    /** One line of the list. */
    record Row(
            long id,
            int rank,
            String name,
            String what,
            String why,
            String figure,
            String word,
            String colour,
            String stone,
            String letter,
            boolean dark,
            boolean struck,
            boolean taken) {}

    /** A stripe on the skin. */
    record Stripe(
            long id,
            String letter,
            String name,
            String wet,
            String settled,
            double x,
            String left,
            String right,
            String word) {}

    /** A colour of the skin's gradient, 0 to 100 % down. */
    record Stop(double offset, String colour) {}

    /** What was taken. */
    record Taken(String name, String note, String figure, boolean provisional) {}

    private static final double WIDTH = 430;
    private static final double HEIGHT = 596;
    private static final double LEAN_SPAN = 14;
    private static final double LIGHT_SPAN = 11;
    private static final int CROWDED = 60;
    private static final int LISTED = 40;
    private static final String LETTERS = "ABC";
    private static final Stones STONES = new Stones();

    static BaseView of(
            Shortlist list, Optional<BaseChoice> choice, long sitting, MessageSource messages, Locale locale) {
        MatchTarget target = list.target();
        List<Row> rows = list.ranked().stream()
                .limit(LISTED)
                .map(r -> row(r, list, choice, messages, locale))
                .toList();
        return new BaseView(
                verdict(list, messages, locale),
                provisional(list, messages, locale),
                target.school(),
                field(list, target, sitting, messages, locale),
                rows,
                list.ranked().size() + list.hidden(),
                list.ranked().size(),
                stripes(list, messages, locale),
                gradient(target),
                target.colour().lightness() <= 52,
                choice.map(c -> new Taken(
                                c.fullName(),
                                c.note(),
                                one(c.difference()),
                                c.trust().equals(SkinReading.Trust.PROVISIONAL.name())))
                        .orElse(null));
    }

    /** Returns why every figure is provisional, with the light's worst reason, or null. */
    private static String provisional(Shortlist list, MessageSource messages, Locale locale) {
        if (list.trust() != SkinReading.Trust.PROVISIONAL) {
            return null;
        }
        boolean unfit = list.light().grade() == LightVerdict.Grade.UNFIT;
        String why = unfit
                ? " " + new LightWords(messages, locale).reasons(list.light()).get(0)
                : "";
        return messages.getMessage(unfit ? "base.provisional.light" : "base.provisional.card", null, locale) + why;
    }

    private static String verdict(Shortlist list, MessageSource messages, Locale locale) {
        Optional<Shortlist.Ranked> best =
                list.ranked().stream().filter(r -> !r.struck()).findFirst();
        return best.map(b -> messages.getMessage(
                        "base.verdict." + b.nearness(),
                        new Object[] {b.product().fullName()},
                        locale))
                .orElse(messages.getMessage("base.verdict.none", null, locale));
    }

    private static String letter(Shortlist list, long product) {
        for (int i = 0; i < list.stripes().size(); i++) {
            if (list.stripes().get(i).product().id() == product) {
                return LETTERS.substring(i, i + 1);
            }
        }
        return null;
    }

    private static Row row(
            Shortlist.Ranked r, Shortlist list, Optional<BaseChoice> choice, MessageSource messages, Locale locale) {
        var p = r.product();
        String what = messages.getMessage("form." + p.form(), null, locale) + ", "
                + messages.getMessage("finish." + p.finish(), null, locale).toLowerCase(locale) + ", "
                + messages.getMessage("coverage." + p.coverage(), null, locale).toLowerCase(locale);
        boolean taken = choice.map(c -> c.productId() != null && c.productId() == p.id())
                .orElse(false);
        return new Row(
                p.id(),
                r.rank(),
                p.fullName(),
                what,
                r.struck() ? messages.getMessage("base.struck", null, locale) : why(r.reasons(), messages, locale),
                one(r.difference()),
                messages.getMessage("nearness." + r.nearness(), null, locale),
                Srgb.hex(p.settled()),
                STONES.pebble(p.stoneId(), 24, 20, 17),
                letter(list, p.id()),
                p.settledL() > 52,
                r.struck(),
                taken);
    }

    /** Puts reasons into one or two short sentences. */
    static String why(List<Reason> reasons, MessageSource messages, Locale locale) {
        List<String> parts = new ArrayList<>();
        for (Reason reason : reasons) {
            String strength = reason.severity() == Severity.NOTE ? ".little" : ".much";
            String key = "reason." + reason.code().name() + (reason.args().isEmpty() ? "" : strength);
            parts.add(messages.getMessage(key, null, locale));
        }
        return String.join(" ", parts);
    }

    private static Field field(
            Shortlist list, MatchTarget target, long sitting, MessageSource messages, Locale locale) {
        FieldPlace middle = FieldPlace.of(target.colour());
        PebbleField field = new PebbleField(WIDTH, HEIGHT, middle, LEAN_SPAN, LIGHT_SPAN);
        List<Lab> line = target.gradient();
        List<PebbleField.Contour> contours = new ArrayList<>();
        contours.add(field.contour(DifferenceContour.around(line, 3), "#CDCDCD", "1 6", "contour.3"));
        contours.add(field.contour(DifferenceContour.around(line, 2), "#D3D3D3", "9 5", "contour.2"));
        contours.add(field.contour(DifferenceContour.around(line, 1), "#DADADA", null, "contour.1"));
        double cx = field.x(middle.lean());
        double cy = field.y(middle.lightness());
        FieldPlace cheek = FieldPlace.of(target.cheek());
        FieldPlace neck = FieldPlace.of(target.neck());
        List<PebbleField.Shade> shades = new ArrayList<>();
        for (Shortlist.Ranked r : list.ranked()) {
            String letter = letter(list, r.product().id());
            String mark = letter != null ? letter : r.rank() <= 5 ? String.valueOf(r.rank()) : null;
            shades.add(new PebbleField.Shade(
                    r.product().stoneId(),
                    r.product().fullName(),
                    Srgb.hex(r.product().settled()),
                    FieldPlace.of(r.product().settled()),
                    r.product().settled().chroma() - target.colour().chroma(),
                    mark,
                    mark != null,
                    "/sittings/" + sitting + "/base/stripe?product="
                            + r.product().id(),
                    r.product().fullName() + ", " + messages.getMessage("nearness." + r.nearness(), null, locale) + ", "
                            + one(r.difference())));
        }
        boolean crowded = shades.size() > CROWDED;
        field.keepFree(0, 0, WIDTH, 26);
        field.keepFree(cx - 36, cy - 32, cx + 36, cy + 32);
        field.place(shades, crowded ? 9 : 12.5, crowded ? 14 : 18);
        field.nameDot("cheek", field.x(cheek.lean()), field.y(cheek.lightness()), 5);
        field.nameDot("neck", field.x(neck.lean()), field.y(neck.lightness()), 5);
        return new Field(
                field.ticks(3),
                contours,
                field.stones(),
                field.labels(),
                field.usualX(),
                STONES.pebble("client-ring", cx, cy, 33),
                Srgb.hex(target.colour()),
                field.line(line.stream().map(FieldPlace::of).toList()),
                field.x(cheek.lean()),
                field.y(cheek.lightness()),
                field.x(neck.lean()),
                field.y(neck.lightness()),
                Srgb.hex(target.cheek()),
                Srgb.hex(target.neck()));
    }

    private static List<Stripe> stripes(Shortlist list, MessageSource messages, Locale locale) {
        List<Stripe> stripes = new ArrayList<>();
        double gap = 418.0 / 3;
        for (int i = 0; i < list.stripes().size(); i++) {
            Shortlist.Ranked r = list.stripes().get(i);
            double x = gap * i + gap / 2 - 46;
            stripes.add(new Stripe(
                    r.product().id(),
                    LETTERS.substring(i, i + 1),
                    r.product().fullName(),
                    Srgb.hex(r.product().wet()),
                    Srgb.hex(r.product().settled()),
                    x,
                    swipe(r.product().stoneId(), x, true),
                    swipe(r.product().stoneId(), x, false),
                    messages.getMessage("nearness." + r.nearness(), null, locale)));
        }
        return stripes;
    }

    /** Half a swiped patch, 46 wide: the outer edge wobbles by two, the ends by four; the inner edge is straight. */
    private static String swipe(String id, double x, boolean left) {
        int hash = id.hashCode();
        StringBuilder d = new StringBuilder();
        double inner = x + 46;
        double top = 30;
        double bottom = 150;
        d.append(String.format(Locale.ROOT, "M%.1f,%.1f", inner, top + wobble(hash, 1, 3)));
        for (int i = 0; i <= 8; i++) {
            double y = top + 4 + (bottom - top - 8) * i / 8;
            double edge = left ? x + wobble(hash, i + 2, 2) : x + 92 + wobble(hash, i + 20, 2);
            d.append(String.format(Locale.ROOT, "L%.1f,%.1f", edge, y));
        }
        d.append(String.format(Locale.ROOT, "L%.1f,%.1fZ", inner, bottom + wobble(hash, 40, 4)));
        return d.toString();
    }

    private static double wobble(int hash, int i, double size) {
        return size * Math.sin(hash * 0.37 + i * 1.9);
    }

    private static List<Stop> gradient(MatchTarget target) {
        List<Stop> stops = new ArrayList<>();
        List<Lab> line = target.gradient();
        for (int i = 0; i < line.size(); i++) {
            stops.add(new Stop(100.0 * i / (line.size() - 1), Srgb.hex(line.get(i))));
        }
        return stops;
    }

    private static String one(double v) {
        return String.format(Locale.ROOT, "%.1f", v);
    }
}
