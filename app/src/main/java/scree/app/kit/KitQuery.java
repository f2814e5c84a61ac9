package scree.app.kit;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Locale;
import scree.core.shade.FieldPlace;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.skin.Depth;
import scree.core.skin.Undertone;

/**
 * What is looked for in a kit; null asks for nothing.
 *
 * @param find a part of line and name
 */
record KitQuery(
        Role role,
        Form form,
        Finish finish,
        Depth depth,
        Undertone.Family family,
        State state,
        Sort sort,
        String find) {
    /** What is to be seen to. */
    enum State {
        SOON_PAST,
        PAST,
        OUT_OF_STOCK,
        NEVER_MEASURED
    }

    /** What stands first. */
    enum Sort {
        NAME,
        LIGHTEST,
        DEEPEST,
        GOLDEN,
        PINK,
        ENDS_FIRST
    }

    /** A product with what is asked of it again and again. */
    record Entry(Product product, FieldPlace place, Depth depth, Undertone.Family family, String name) {
        static Entry of(Product p) {
            FieldPlace place = FieldPlace.of(p.settled());
            return new Entry(
                    p,
                    place,
                    p.settled().b() > 0 ? Depth.of(p.settled()) : null,
                    Undertone.Family.ofLean(place.lean()),
                    p.fullName().toLowerCase(Locale.ROOT));
        }
    }

    boolean fits(Entry e, LocalDate today) {
        Product p = e.product();
        return (role == null || p.role() == role)
                && (form == null || p.form() == form)
                && (finish == null || p.finish() == finish)
                && (depth == null || e.depth() == depth)
                && (family == null || e.family() == family)
                && (state == null || in(p, today))
                && (find == null
                        || find.isBlank()
                        || e.name().contains(find.strip().toLowerCase(Locale.ROOT)));
    }

    private boolean in(Product p, LocalDate today) {
        return switch (state) {
            case PAST -> p.pastItsTime(today);
            case SOON_PAST -> !p.pastItsTime(today) && p.pastItsTime(today.plusWeeks(Kit.SOON_WEEKS));
            case OUT_OF_STOCK -> !p.inStock();
            case NEVER_MEASURED -> p.swatch().measure().by() == Measure.By.TYPED;
        };
    }

    /** Returns how they stand; those alike by role, line and name. */
    Comparator<Entry> order() {
        Comparator<Entry> usual = Comparator.comparing((Entry e) -> e.product().role())
                .thenComparing(e -> e.product().line())
                .thenComparing(e -> e.product().name().length())
                .thenComparing(e -> e.product().name())
                .thenComparing(e -> e.product().id());
        if (sort == null) {
            return usual;
        }
        return switch (sort) {
            case NAME -> usual;
            case LIGHTEST ->
                Comparator.comparingDouble((Entry e) -> -e.place().lightness()).thenComparing(usual);
            case DEEPEST ->
                Comparator.comparingDouble((Entry e) -> e.place().lightness()).thenComparing(usual);
            case GOLDEN ->
                Comparator.comparingDouble((Entry e) -> -e.place().lean()).thenComparing(usual);
            case PINK ->
                Comparator.comparingDouble((Entry e) -> e.place().lean()).thenComparing(usual);
            case ENDS_FIRST ->
                Comparator.comparing(
                                (Entry e) -> e.product().opened().until(),
                                Comparator.nullsLast(Comparator.naturalOrder()))
                        .thenComparing(usual);
        };
    }

    /** Returns whether anything but a text and a role is asked. */
    public boolean narrow() {
        return form != null || finish != null || depth != null || family != null || state != null;
    }
}
