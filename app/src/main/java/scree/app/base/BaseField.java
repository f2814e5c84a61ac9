package scree.app.base;

import java.util.ArrayList;
import java.util.List;
import scree.app.look.Figures;
import scree.app.look.PebbleField;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.Srgb;
import scree.core.shade.DifferenceContour;
import scree.core.shade.FieldPlace;
import scree.core.skin.MatchTarget;

/** The pebble field of the Base page with all geometry done. */
record BaseField(
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
        String neck) {
    private static final double WIDTH = 430;
    private static final double HEIGHT = 596;
    private static final double LEAN_SPAN = 14;
    private static final double LIGHT_SPAN = 11;
    private static final int CROWDED = 60;
    private static final int MARKED = 5;
    private static final Stones STONES = new Stones();

    /** @param around the contours round the target, nearest first */
    static BaseField of(Shortlist list, List<List<FieldPlace>> around, long sitting, BaseWords words) {
        MatchTarget target = list.target();
        FieldPlace middle = FieldPlace.of(target.colour());
        PebbleField field = new PebbleField(WIDTH, HEIGHT, middle, LEAN_SPAN, LIGHT_SPAN);
        List<Lab> line = target.gradient();
        List<PebbleField.Contour> contours = new ArrayList<>();
        contours.add(field.contour(around.get(2), "#CDCDCD", "1 6", "contour.3"));
        contours.add(field.contour(around.get(1), "#D3D3D3", "9 5", "contour.2"));
        contours.add(field.contour(around.get(0), "#DADADA", null, "contour.1"));
        double cx = field.x(middle.lean());
        double cy = field.y(middle.lightness());
        FieldPlace cheek = FieldPlace.of(target.cheek());
        FieldPlace neck = FieldPlace.of(target.neck());
        List<PebbleField.Shade> shades = new ArrayList<>();
        list.ranked().forEach(r -> shades.add(shade(r, list, sitting, words)));
        boolean crowded = shades.size() > CROWDED;
        field.keepFree(0, 0, WIDTH, 26);
        field.keepFree(cx - 36, cy - 32, cx + 36, cy + 32);
        field.place(shades, crowded ? 9 : 12.5, crowded ? 14 : 18);
        field.nameDot("cheek", field.x(cheek.lean()), field.y(cheek.lightness()), 5);
        field.nameDot("neck", field.x(neck.lean()), field.y(neck.lightness()), 5);
        return new BaseField(
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

    /** Returns where a press on a product leads: it becomes a stripe, or is one no more. */
    static String press(long sitting, long product) {
        return "/sittings/" + sitting + "/base/stripe?product=" + product;
    }

    private static PebbleField.Shade shade(Shortlist.Ranked r, Shortlist list, long sitting, BaseWords words) {
        String letter = BaseView.letter(list, r.product().id());
        String mark = letter != null ? letter : r.rank() <= MARKED ? String.valueOf(r.rank()) : null;
        return new PebbleField.Shade(
                r.product().stoneId(),
                r.product().fullName(),
                Srgb.hex(r.onSkin()),
                DifferenceContour.placed(list.target().colour(), r.onSkin(), r.difference()),
                r.onSkin().chroma() - list.target().colour().chroma(),
                mark,
                mark != null,
                press(sitting, r.product().id()),
                r.product().fullName() + ", " + words.nearness(r.difference()) + ", " + Figures.one(r.difference()));
    }
}
