package scree.app.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import scree.core.method.Aim;
import scree.core.method.Insist;
import scree.core.method.PlacementMethod;
import scree.core.method.PlacementMethod.BlushWay;
import scree.core.method.PlacementMethod.CheekLine;
import scree.core.method.PlacementMethod.CheekStop;
import scree.core.method.PlacementMethod.Shadow;
import scree.core.method.PlacementMethod.UnderEye;
import scree.core.method.PlacementMethod.Widening;
import scree.core.placement.Area;
import scree.core.placement.Why;

/** Aim and schools as choices on the page, and the change that a choice makes. */
final class Schools {
    private Schools() {}

    /** The other way to work a zone, as one tap. */
    record Other(String words, String field, String value) {}

    static List<PlaceView.School> of(PlacementMethod m, PlaceWords w) {
        List<PlaceView.School> rows = new ArrayList<>();
        rows.add(row("aim", Aim.values(), m.aim(), w));
        rows.add(row("line", CheekLine.values(), m.line(), w));
        rows.add(row("stop", CheekStop.values(), m.stop(), w));
        rows.add(row("underEye", UnderEye.values(), m.underEye(), w));
        rows.add(row("blush", BlushWay.values(), m.blush(), w));
        rows.add(row("widening", Widening.values(), m.widening(), w));
        rows.add(row("shadow", Shadow.values(), m.shadow(), w));
        return rows;
    }

    private static PlaceView.School row(String field, Enum<?>[] all, Enum<?> now, PlaceWords w) {
        return new PlaceView.School(
                field,
                w.say("school." + field),
                Arrays.stream(all)
                        .map(v -> new PlaceView.Choice(v.name(), w.say("school." + field + "." + v), v == now))
                        .toList());
    }

    /** @throws IllegalArgumentException when there is no such school or choice */
    static PlacementMethod change(PlacementMethod m, String field, String value) {
        return switch (field) {
            case "aim" -> m.withAim(Aim.valueOf(value));
            case "line" -> m.withCheekLine(CheekLine.valueOf(value));
            case "stop" -> m.withCheekStop(CheekStop.valueOf(value));
            case "underEye" -> m.withUnderEye(UnderEye.valueOf(value));
            case "blush" -> m.withBlushWay(BlushWay.valueOf(value));
            case "widening" -> m.withWidening(Widening.valueOf(value));
            case "shadow" -> m.withShadow(Shadow.valueOf(value));
            case "insist" -> m.insisting(Insist.valueOf(value));
            default -> throw new IllegalArgumentException("there is no school " + field);
        };
    }

    /** Returns the likeliest other way for a zone, or null where there is none. */
    static Other otherWay(Area area, TakenPlan plan, PlaceWords w) {
        PlacementMethod m = plan.sheet().method();
        return switch (area) {
            case CHEEK_SHADOW -> {
                boolean hollow = m.line() == CheekLine.HOLLOW || m.line() == CheekLine.USUAL && m.aim() == Aim.SCULPT;
                yield other("line", hollow ? CheekLine.BONE : CheekLine.HOLLOW, w);
            }
            case UNDER_EYE_LIGHT ->
                other("underEye", has(plan, Why.CORNERS_ONLY) ? UnderEye.DOWNWARD : UnderEye.CORNERS, w);
            case BLUSH -> other("blush", has(plan, Why.BLUSH_LIFTS) ? BlushWay.APPLES : BlushWay.LIFT, w);
            case JAW_EDGE_LIGHT -> other("widening", Widening.EYE_CORNER, w);
            case EYE_CORNER_LIGHT -> other("widening", Widening.JAW_EDGE, w);
            default -> null;
        };
    }

    private static boolean has(TakenPlan plan, Why why) {
        return plan.zones().stream().flatMap(z -> z.zone().reasons().stream()).anyMatch(r -> r.code() == why);
    }

    private static Other other(String field, Enum<?> value, PlaceWords w) {
        return new Other(w.say("otherway." + field + "." + value), field, value.name());
    }
}
