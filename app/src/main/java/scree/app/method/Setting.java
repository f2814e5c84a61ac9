package scree.app.method;

import static scree.app.method.Setting.Group.AMOUNTS;
import static scree.app.method.Setting.Group.BASE;
import static scree.app.method.Setting.Group.CORRECT;
import static scree.app.method.Setting.Group.ORDER;
import static scree.app.method.Setting.Group.PLACE;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import scree.app.web.PlainNumbers;
import scree.core.face.Tick;
import scree.core.method.Aim;
import scree.core.method.CoverSchool;
import scree.core.method.PlacementMethod.BlushWay;
import scree.core.method.PlacementMethod.CheekLine;
import scree.core.method.PlacementMethod.CheekStop;
import scree.core.method.PlacementMethod.Shadow;
import scree.core.method.PlacementMethod.UnderEye;
import scree.core.method.PlacementMethod.Widening;
import scree.core.mix.Batch;
import scree.core.placement.Family;
import scree.core.routine.Needs;
import scree.core.routine.OrderSchool;
import scree.core.skin.MatchTarget;

/** What can be settled, with what is usual. Names are stored. */
public enum Setting {
    MATCH_AREA(BASE, choice(MatchTarget.School.JAW_TO_NECK)),
    POWDER_STRENGTH(BASE, amount("0", "2", "0.1", 1)),
    PRIMER_MINUTES(BASE, amount("1", "60", "1", 5)),

    COVER_SCHOOL(CORRECT, choice(CoverSchool.COMPUTED)),

    AIM(PLACE, choice(Aim.BALANCE)),
    CHEEK_LINE(PLACE, choice(CheekLine.USUAL)),
    CHEEK_STOP(PLACE, choice(CheekStop.OUTER_CORNER)),
    CONTOUR_COLOUR(PLACE, choice(Shadow.OWN_SHADOW)),
    UNDER_EYE(PLACE, choice(UnderEye.USUAL)),
    BLUSH(PLACE, choice(BlushWay.USUAL)),
    WIDENING(PLACE, choice(Widening.USUAL)),
    WORK_SHADOW(PLACE, yes()),
    WORK_LIGHT(PLACE, yes()),
    WORK_COLOUR(PLACE, yes()),
    WORK_SUN(PLACE, no()),
    WORK_SHEEN(PLACE, yes()),
    WORK_POWDER(PLACE, no()),
    MATURE_FROM(PLACE, amount("30", "80", "1", Tick.matureFrom())),

    ORDER_SCHOOL(ORDER, orderSchools()),
    BLEND(ORDER, choice(Needs.Blend.USUAL)),
    EYES_FIRST(ORDER, no()),
    ONE_BRUSH(ORDER, no()),
    TONE(ORDER, habit()),
    SERUM(ORDER, habit()),
    EYE_CREAM(ORDER, habit()),
    SUN_CARE(ORDER, habit()),
    PRIMER(ORDER, habit()),
    CURL(ORDER, habit()),
    LASHES(ORDER, habit()),
    LEFT_POWDER(ORDER, habit()),
    LEFT_MINUTES(ORDER, amount("1", "10", "1", 3)),
    REINFORCE(ORDER, habit()),
    SPRAY(ORDER, habit()),
    BODY(ORDER, habit()),
    LONG_DAY(ORDER, amount("2", "16", "0.5", Needs.LONG_DAY)),

    FACE_ML(AMOUNTS, amount("0.1", "3", "0.05", Batch.For.FACE.millilitres())),
    FACE_AND_NECK_ML(AMOUNTS, amount("0.1", "5", "0.05", Batch.For.FACE_AND_NECK.millilitres())),
    BODY_ML(AMOUNTS, amount("0.5", "60", "0.1", Batch.For.BODY.millilitres())),
    DROP_ML(AMOUNTS, amount("0.01", "0.2", "0.001", Batch.Unit.DROP.millilitres())),
    PUMP_ML(AMOUNTS, amount("0.05", "3", "0.01", Batch.Unit.PUMP.millilitres())),
    PEA_ML(AMOUNTS, amount("0.05", "1", "0.01", Batch.Unit.PEA.millilitres()));

    /** Where in the work something matters. */
    public enum Group {
        BASE,
        CORRECT,
        PLACE,
        ORDER,
        AMOUNTS
    }

    public static final String YES = "YES";
    public static final String NO = "NO";

    /**
     * What a setting can be.
     *
     * @param options empty for an amount
     * @param least of an amount, as one would type it; null for choices
     */
    private record Kind(List<String> options, String usual, BigDecimal least, BigDecimal most, BigDecimal step) {}

    private final Group group;
    private final Kind kind;

    Setting(Group group, Kind kind) {
        this.group = group;
        this.kind = kind;
    }

    private static Kind choice(Enum<?> usual) {
        return choice(
                Arrays.stream(usual.getDeclaringClass().getEnumConstants())
                        .map(Object::toString)
                        .toList(),
                usual.name());
    }

    private static Kind choice(List<String> options, String usual) {
        return new Kind(options, usual, null, null, null);
    }

    private static Kind yes() {
        return choice(List.of(YES, NO), YES);
    }

    private static Kind no() {
        return choice(List.of(YES, NO), NO);
    }

    private static Kind habit() {
        return choice(Habit.USUAL);
    }

    private static Kind orderSchools() {
        return choice(
                Stream.concat(
                                Stream.of(Habit.USUAL.name()),
                                Arrays.stream(OrderSchool.values()).map(Enum::name))
                        .toList(),
                Habit.USUAL.name());
    }

    private static Kind amount(String least, String most, String step, double usual) {
        return new Kind(
                List.of(),
                plain(BigDecimal.valueOf(usual)),
                new BigDecimal(least),
                new BigDecimal(most),
                new BigDecimal(step));
    }

    private static String plain(BigDecimal value) {
        return value.stripTrailingZeros().toPlainString();
    }

    /** Returns whether zones of a family are worked. */
    public static Setting working(Family family) {
        return switch (family) {
            case SHADOW -> WORK_SHADOW;
            case LIGHT -> WORK_LIGHT;
            case COLOUR -> WORK_COLOUR;
            case SUN -> WORK_SUN;
            case SHEEN -> WORK_SHEEN;
            case POWDER -> WORK_POWDER;
        };
    }

    public Group group() {
        return group;
    }

    /** Returns what is chosen from, empty for an amount. */
    public List<String> options() {
        return kind.options();
    }

    public boolean amount() {
        return kind.options().isEmpty();
    }

    /** Returns what holds while nobody settled anything. */
    public String usual() {
        return kind.usual();
    }

    /** Returns the smallest amount, as one would type it. */
    public String least() {
        return kind.least().toPlainString();
    }

    public String most() {
        return kind.most().toPlainString();
    }

    /** Returns whether it is a matter of a studio's bottles and hands and not of one client. */
    public boolean ofTheHouse() {
        return group == AMOUNTS;
    }

    /**
     * Returns a value as it is kept.
     *
     * @param typed an option, or an amount as a person types it
     * @throws IllegalArgumentException when it is neither, or out of bounds; amounts are rounded to their step
     */
    public String value(String typed) {
        if (!amount()) {
            if (!kind.options().contains(typed)) {
                throw new IllegalArgumentException(name() + " cannot be " + typed);
            }
            return typed;
        }
        BigDecimal asked = BigDecimal.valueOf(PlainNumbers.of(typed));
        if (asked.compareTo(kind.least()) < 0 || asked.compareTo(kind.most()) > 0) {
            throw new IllegalArgumentException("%s is %s to %s".formatted(name(), least(), most()));
        }
        return plain(asked.divide(kind.step(), 0, RoundingMode.HALF_UP)
                .multiply(kind.step())
                .max(kind.least())
                .min(kind.most()));
    }
}
