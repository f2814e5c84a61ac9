package scree.app.order;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import scree.app.method.Habit;
import scree.app.method.Method;
import scree.app.method.Setting;
import scree.core.routine.CutAction;
import scree.core.routine.Needs;
import scree.core.routine.OrderSchool;
import scree.core.routine.RunningOrder;
import scree.core.routine.StepCode;

/**
 * What an artist chose of the order; what is not told is left to Scree.
 *
 * @param school null for the one that Scree would take
 * @param blend which borders first
 * @param eyesFirst before the base
 * @param oneBrush for all creams
 * @param extras what is done or left out against the usual
 * @param sequence the order that a hand made, empty for none
 * @param pins what holds it against the rules
 * @param minutes the time there is, null for as long as it takes
 * @param kept what is not cut, however short the time
 */
public record OrderSheet(
        OrderSchool school,
        Needs.Blend blend,
        boolean eyesFirst,
        boolean oneBrush,
        Map<Extra, Boolean> extras,
        List<StepCode> sequence,
        Set<RunningOrder.Pin> pins,
        Integer minutes,
        Set<CutAction> kept) {
    /** The shortest and longest time that can be asked for, minutes. */
    static final int LEAST_MINUTES = 5;

    static final int MOST_MINUTES = 240;

    /** What can be done or left out. */
    public enum Extra {
        TONE,
        SERUM,
        EYE_CREAM,
        SUN_CARE,
        PRIMER,
        CURL,
        LASHES,
        /** Powder left under the eyes for three minutes. */
        LEFT_POWDER,
        /** The same colours in powder over the creams. */
        REINFORCE,
        SPRAY,
        BODY
    }

    public OrderSheet {
        blend = blend == null ? Needs.Blend.USUAL : blend;
        extras = extras == null || extras.isEmpty() ? Map.of() : Map.copyOf(new EnumMap<>(extras));
        sequence = sequence == null ? List.of() : List.copyOf(sequence);
        pins = pins == null ? Set.of() : Set.copyOf(pins);
        kept = kept == null ? Set.of() : Set.copyOf(kept);
        if (minutes != null && (minutes < LEAST_MINUTES || minutes > MOST_MINUTES)) {
            throw new IllegalArgumentException(
                    "a sitting takes %d to %d minutes".formatted(LEAST_MINUTES, MOST_MINUTES));
        }
        if (sequence.size() != Set.copyOf(sequence).size()) {
            throw new IllegalArgumentException("a step is done once");
        }
    }

    static OrderSheet usual() {
        return of(Method.usual());
    }

    /** Returns what an order starts from by a method. */
    static OrderSheet of(Method method) {
        Map<Extra, Boolean> extras = new EnumMap<>(Extra.class);
        for (Extra extra : Extra.values()) {
            switch (method.of(Setting.valueOf(extra.name()), Habit.class)) {
                case ALWAYS -> extras.put(extra, true);
                case NEVER -> extras.put(extra, false);
                case USUAL -> {}
            }
        }
        return new OrderSheet(
                method.unlessUsual(Setting.ORDER_SCHOOL, OrderSchool.class),
                method.of(Setting.BLEND, Needs.Blend.class),
                method.is(Setting.EYES_FIRST),
                method.is(Setting.ONE_BRUSH),
                extras,
                null,
                null,
                null,
                null);
    }

    /** Returns what was chosen of a setting, null for what is not chosen here: the way, not the day. */
    String chose(Setting setting) {
        return switch (setting) {
            case ORDER_SCHOOL -> school == null ? Habit.USUAL.name() : school.name();
            case BLEND -> blend.name();
            case EYES_FIRST -> eyesFirst ? Setting.YES : Setting.NO;
            case ONE_BRUSH -> oneBrush ? Setting.YES : Setting.NO;
            default ->
                Stream.of(Extra.values())
                        .filter(extra -> extra.name().equals(setting.name()))
                        .findFirst()
                        .map(extras::get)
                        .map(done -> (done ? Habit.ALWAYS : Habit.NEVER).name())
                        .orElse(null);
        };
    }

    /**
     * A change of how the artist works; null is not told.
     *
     * @param extra done or left out, by {@code on}
     */
    public record Way(
            OrderSchool school, Needs.Blend blend, Boolean eyesFirst, Boolean oneBrush, Extra extra, Boolean on) {
        static Way of(OrderSchool school) {
            return new Way(school, null, null, null, null, null);
        }

        static Way of(Extra extra, boolean on) {
            return new Way(null, null, null, null, extra, on);
        }
    }

    /** Returns the same with a change; another school has another order, so what a hand moved in the old one is let go. */
    OrderSheet with(Way way) {
        boolean other = way.school() != null && way.school() != school;
        Map<Extra, Boolean> now = new EnumMap<>(Extra.class);
        now.putAll(extras);
        if (way.extra() != null) {
            now.put(way.extra(), Boolean.TRUE.equals(way.on()));
        }
        return new OrderSheet(
                way.school() == null ? school : way.school(),
                way.blend() == null ? blend : way.blend(),
                way.eyesFirst() == null ? eyesFirst : way.eyesFirst(),
                way.oneBrush() == null ? oneBrush : way.oneBrush(),
                now,
                other ? List.of() : sequence,
                other ? Set.of() : pins,
                minutes,
                kept);
    }

    OrderSheet byHand(List<StepCode> order, Set<RunningOrder.Pin> held) {
        return new OrderSheet(school, blend, eyesFirst, oneBrush, extras, order, held, minutes, kept);
    }

    OrderSheet within(Integer time) {
        return new OrderSheet(school, blend, eyesFirst, oneBrush, extras, sequence, pins, time, kept);
    }

    /** Returns the same with a cut that is not made, or may be made again. */
    OrderSheet keeping(CutAction action) {
        Set<CutAction> now = new java.util.HashSet<>(kept);
        if (!now.remove(action)) {
            now.add(action);
        }
        return new OrderSheet(school, blend, eyesFirst, oneBrush, extras, sequence, pins, minutes, now);
    }
}
