package scree.app.method;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.Function;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod;
import scree.core.mix.Batch;

/** How one works, everything answered: what is settled, by whom, and what is usual where nobody settled anything. */
public final class Method {
    private static final Method USUAL = new Method(Map.of());

    private final Map<Setting, Chosen> settled;

    /** A value with who settled it. */
    record Chosen(String value, Level by) {}

    private Method(Map<Setting, Chosen> settled) {
        this.settled = settled;
    }

    /** Returns what the craft does. */
    public static Method usual() {
        return USUAL;
    }

    /** Returns the same with something settled by whoever goes before those who settled it until now. */
    Method with(Setting setting, String value, Level by) {
        Map<Setting, Chosen> now = new EnumMap<>(Setting.class);
        now.putAll(settled);
        now.put(setting, new Chosen(value, by));
        return new Method(now);
    }

    public String value(Setting setting) {
        Chosen chosen = settled.get(setting);
        return chosen == null ? setting.usual() : chosen.value();
    }

    /** Returns who settled it. */
    public Level by(Setting setting) {
        Chosen chosen = settled.get(setting);
        return chosen == null ? Level.USUAL : chosen.by();
    }

    public <E extends Enum<E>> E of(Setting setting, Class<E> type) {
        return Enum.valueOf(type, value(setting));
    }

    /** Returns the value, or null where it is left to skin and day. */
    public <E extends Enum<E>> E unlessUsual(Setting setting, Class<E> type) {
        return value(setting).equals(Habit.USUAL.name()) ? null : of(setting, type);
    }

    public boolean is(Setting setting) {
        return value(setting).equals(Setting.YES);
    }

    /** Returns an amount in the setting's unit. */
    public double amount(Setting setting) {
        return Double.parseDouble(value(setting));
    }

    public int whole(Setting setting) {
        return (int) Math.round(amount(setting));
    }

    /**
     * Returns the same with what was done by hand the last time over it, unless it was settled for this client since.
     *
     * @param then the method of that time
     * @param last what was done, null where nothing is known
     */
    public Method carrying(Method then, Function<Setting, String> last) {
        Method carried = this;
        for (Setting setting : Setting.values()) {
            String done = last.apply(setting);
            boolean byHand = done != null && !done.equals(then.value(setting));
            boolean settledSince =
                    by(setting) == Level.CLIENT && !value(setting).equals(then.value(setting));
            if (byHand && !settledSince) {
                carried = carried.with(setting, done, Level.LAST_TIME);
            }
        }
        return carried;
    }

    /** Returns aim and schools of a placement. */
    public PlacementMethod placement() {
        return PlacementMethod.usual()
                .withAim(of(Setting.AIM, Aim.class))
                .withCheekLine(of(Setting.CHEEK_LINE, PlacementMethod.CheekLine.class))
                .withCheekStop(of(Setting.CHEEK_STOP, PlacementMethod.CheekStop.class))
                .withShadow(of(Setting.CONTOUR_COLOUR, PlacementMethod.Shadow.class))
                .withUnderEye(of(Setting.UNDER_EYE, PlacementMethod.UnderEye.class))
                .withBlushWay(of(Setting.BLUSH, PlacementMethod.BlushWay.class))
                .withWidening(of(Setting.WIDENING, PlacementMethod.Widening.class));
    }

    /** Returns what one person takes, and how much a drop, a pump and a pea are. */
    public Batch.Measures measures() {
        return new Batch.Measures(
                Map.of(
                        Batch.For.FACE, amount(Setting.FACE_ML),
                        Batch.For.FACE_AND_NECK, amount(Setting.FACE_AND_NECK_ML),
                        Batch.For.BODY, amount(Setting.BODY_ML)),
                Map.of(
                        Batch.Unit.DROP, amount(Setting.DROP_ML),
                        Batch.Unit.PUMP, amount(Setting.PUMP_ML),
                        Batch.Unit.PEA, amount(Setting.PEA_ML)));
    }

    /** Returns what a placement chose of a setting, null when it does not choose that. */
    public static String of(PlacementMethod placement, Setting setting) {
        Enum<?> chosen = switch (setting) {
            case AIM -> placement.aim();
            case CHEEK_LINE -> placement.line();
            case CHEEK_STOP -> placement.stop();
            case CONTOUR_COLOUR -> placement.shadow();
            case UNDER_EYE -> placement.underEye();
            case BLUSH -> placement.blush();
            case WIDENING -> placement.widening();
            default -> null;
        };
        return chosen == null ? null : chosen.name();
    }
}
