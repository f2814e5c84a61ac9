package scree.app.kit;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.web.util.UriComponentsBuilder;
import scree.app.web.PlainNumbers;
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
 * @param near a place of the field with its reach: lean, degrees to either side, L*, L* to either side, divided by commas
 */
record KitQuery(
        Role role,
        Form form,
        Finish finish,
        Depth depth,
        Undertone.Family family,
        State state,
        Sort sort,
        String find,
        String near) {
    /** What is to be seen to. */
    enum State {
        SOON_PAST,
        PAST,
        LOW,
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
                && (near == null || within(e.place()))
                && (find == null
                        || find.isBlank()
                        || e.name().contains(find.strip().toLowerCase(Locale.ROOT)));
    }

    private boolean in(Product p, LocalDate today) {
        return switch (state) {
            case PAST -> p.pastItsTime(today);
            case SOON_PAST -> !p.pastItsTime(today) && p.pastItsTime(today.plusWeeks(Kit.SOON_WEEKS));
            case LOW -> p.stock() == Stock.LOW;
            case OUT_OF_STOCK -> !p.inStock();
            case NEVER_MEASURED -> p.swatch().measure().by() == Measure.By.TYPED;
        };
    }

    private static final int NEAR_PARTS = 4;
    /** Of the figures in a link. */
    private static final int DECIMALS = 6;

    /** A place that is none, from a link that somebody changed, narrows nothing. */
    private boolean within(FieldPlace place) {
        String[] parts = near.split(",");
        if (parts.length != NEAR_PARTS) {
            return true;
        }
        try {
            return Math.abs(place.lean() - PlainNumbers.of(parts[0])) <= PlainNumbers.of(parts[1])
                    && Math.abs(place.lightness() - PlainNumbers.of(parts[2])) <= PlainNumbers.of(parts[3]);
        } catch (IllegalArgumentException e) {
            return true;
        }
    }

    /** Returns the same query only for what lies near a place of the field. */
    KitQuery near(double lean, double leanOff, double light, double lightOff) {
        String place = at(lean) + "," + reach(leanOff) + "," + at(light) + "," + reach(lightOff);
        return new KitQuery(role, form, finish, depth, family, state, sort, find, place);
    }

    private static String at(double middle) {
        return BigDecimal.valueOf(middle)
                .setScale(DECIMALS, RoundingMode.HALF_UP)
                .toPlainString();
    }

    /** Rounded up by more than the middle is rounded, so that the outermost is in reach. */
    private static String reach(double off) {
        BigDecimal last = BigDecimal.ONE.movePointLeft(DECIMALS);
        return BigDecimal.valueOf(off)
                .setScale(DECIMALS, RoundingMode.UP)
                .add(last)
                .toPlainString();
    }

    /** Returns the same query wherever it lies. */
    public KitQuery anywhere() {
        return new KitQuery(role, form, finish, depth, family, state, sort, find, null);
    }

    /** Returns where the field stands for this query. */
    public String fieldLink() {
        String list = anywhere().link();
        return list + (list.contains("?") ? "&" : "?") + "field=true";
    }

    /** Returns where the list stands for this query. */
    public String link() {
        UriComponentsBuilder uri = UriComponentsBuilder.fromPath("/kit");
        Map<String, Object> asked = new LinkedHashMap<>();
        asked.put("role", role);
        asked.put("form", form);
        asked.put("finish", finish);
        asked.put("depth", depth);
        asked.put("family", family);
        asked.put("state", state);
        asked.put("sort", sort);
        asked.put("find", find);
        asked.put("near", near);
        asked.forEach((name, value) -> {
            if (value != null && !value.toString().isBlank()) {
                uri.queryParam(name, "{" + name + "}");
            }
        });
        return uri.encode().buildAndExpand(asked).toUriString();
    }

    static final Comparator<Entry> BY_ROLE_AND_NAME = Comparator.comparing(
                    (Entry e) -> e.product().role())
            .thenComparing(e -> e.product().line())
            .thenComparing(e -> e.product().name().length())
            .thenComparing(e -> e.product().name())
            .thenComparing(e -> e.product().id());

    /** Returns how they stand; those alike by role, line and name. */
    Comparator<Entry> order() {
        Comparator<Entry> usual = BY_ROLE_AND_NAME;
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
        return near != null || form != null || finish != null || depth != null || family != null || state != null;
    }
}
